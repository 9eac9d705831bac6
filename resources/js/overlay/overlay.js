import { flows, frozen, fullNeedle, layer, middle, temperatures } from './paint.js';
import Sheet from './sheet.js';
import Stacks from './vapour.js';

const KEPT = 'ondergrond.overlay';
const KINDS = ['parts', 'levels', 'water', 'temperature', 'flow', 'vapour', 'frost'];
/** Those that lie still: a day means nothing to them. */
const STILL = ['parts', 'levels', 'water'];
const COLD = 14;
/** Between two looks whether the winter is run, ms. */
const LOOK = 2500;
/** A year is played in this many milliseconds. */
const YEAR_TAKES = 14000;

/** What lies over the section: sizes, levels, the temperatures or the heat flow of a day that is chosen or played through. */
export default () => {
    // Not among the data below: what is there is watched.
    let sheet = null;
    let pointer = null;
    let frame = null;
    // The design winter of the side shown, by the address it is fetched from.
    let film = null;
    // Vapour in the stacks of the common edge; null on other sides, and until the field is there.
    let stacks = null;

    return {
        kind: 'parts',
        day: 14,
        playing: false,
        date: '',
        read: '',

        init() {
            const kept = JSON.parse(sessionStorage.getItem(KEPT) ?? 'null');
            this.take();
            this.kind = this.kinds().includes(kept?.kind) ? kept.kind : 'parts';
            this.fetchFilm();
            this.day = kept?.day ?? sheet?.coldestDay() ?? COLD;
            this.draw();
        },

        /** The drawing is new. */
        fresh() {
            this.take();
            this.draw();
        },

        take() {
            // The field of a heavy design follows its drawing.
            const data = JSON.parse(document.getElementById('field-sheet').textContent);
            sheet = data === null ? null : new Sheet(data);
            const vapour = JSON.parse(document.getElementById('vapour-sheet').textContent);
            stacks = vapour === null ? null : new Stacks(vapour, stacks?.picked);
            stacks?.list(this.$refs.stacks);
            this.fetchFilm();
        },

        /** The winter is run after all else, some ten seconds a side: it is asked for until it is there. */
        async fetchFilm() {
            const url = document.getElementById('field-sheet').dataset.film;
            if (this.kind !== 'frost' || !url || film?.url === url) {
                return;
            }
            const mine = { url, data: null };
            film = mine;
            while (film === mine && mine.data === null) {
                const response = await fetch(url, { headers: { Accept: 'application/json' } }).catch(() => null);
                if (response?.status === 200) {
                    mine.data = await response.json();
                } else {
                    await new Promise((done) => setTimeout(done, LOOK));
                }
            }
            if (film === mine && this.kind === 'frost') {
                this.day = this.closest() ?? this.day;
                this.draw();
            }
        },

        /** The day on which frost comes closest. */
        closest() {
            const days = Object.entries(film?.data?.days ?? {});
            return days.length === 0 ? null : Number(days.reduce((a, b) => (b[1].margin < a[1].margin ? b : a))[0]);
        },

        /** Those that this page offers. */
        kinds() {
            return KINDS.filter((kind) => this.$root.querySelector(`input[name=overlay][value=${kind}]`));
        },

        get svg() {
            return document.querySelector('#bench-drawing .section-drawing');
        },

        get still() {
            return STILL.includes(this.kind);
        },

        get picks() {
            return this.kind === 'vapour';
        },

        picked(event) {
            stacks?.pick(Number(event.target.value));
            this.draw();
        },

        get verb() {
            return this.playing ? 'Stop' : 'Play the year';
        },

        chose(event) {
            this.kind = event.target.value;
            this.keep();
        },

        /** By name, where this page has it. */
        show(kind) {
            if (this.kinds().includes(kind)) {
                this.kind = kind;
                this.keep();
            }
        },

        slid(event) {
            this.halt();
            this.day = Number(event.target.value);
            this.showSomething();
            this.keep();
        },

        showSomething() {
            this.kind = this.still ? 'temperature' : this.kind;
        },

        next() {
            const kinds = this.kinds();
            this.kind = kinds[(kinds.indexOf(this.kind) + 1) % kinds.length];
            this.keep();
        },

        /** By a month, to its middle. */
        step(way) {
            const month = Math.round(((this.day + 0.5) / 365) * 12 - 0.5) + way;
            this.halt();
            this.day = Math.round(((((month + 12) % 12) + 0.5) / 12) * 365 - 0.5);
            this.showSomething();
            this.keep();
        },

        keep() {
            if (this.still) {
                this.halt();
            }
            sessionStorage.setItem(KEPT, JSON.stringify({ kind: this.kind, day: this.day }));
            this.draw();
            this.fetchFilm();
        },

        play() {
            if (this.playing) {
                this.halt();
                return;
            }
            this.playing = true;
            this.showSomething();
            let before = performance.now();
            const turn = (now) => {
                this.day = (this.day + ((now - before) * 365) / YEAR_TAKES) % 365;
                before = now;
                this.draw();
                frame = requestAnimationFrame(turn);
            };
            frame = requestAnimationFrame(turn);
        },

        halt() {
            cancelAnimationFrame(frame);
            this.playing = false;
        },

        draw() {
            const group = layer(this.svg);
            this.svg.classList.toggle('shows-levels', this.kind === 'levels');
            this.svg.classList.toggle('shows-water', this.kind === 'water');
            this.svg.classList.toggle('shows-field', !this.still && sheet !== null);
            if (sheet === null) {
                this.date = '';
                this.read = this.still ? '' : 'The section as drawn is being worked out.';
                return;
            }
            if (this.kind === 'temperature') {
                temperatures(this.svg, group, sheet, this.day);
            } else if (this.kind === 'flow') {
                flows(group, sheet, this.day);
            } else if (this.kind === 'frost' && film?.data) {
                frozen(group, film.data, Math.min(364, Math.floor(this.day)));
            }
            if (this.kind === 'vapour') {
                stacks?.draw(this.svg, group, this.month(), sheet);
            } else if (!this.still) {
                middle(this.svg, group, sheet);
            }
            this.date = sheet.nameOf(Math.min(364, Math.floor(this.day)));
            this.tell();
        },

        point(event) {
            const place = new DOMPoint(event.clientX, event.clientY).matrixTransform(this.svg.getScreenCTM().inverse());
            pointer = event.type === 'pointerleave' ? null : place;
            if (sheet !== null) {
                this.tell();
            }
        },

        /** The month of the day that is shown, from 0. */
        month() {
            return Math.min(11, Math.floor((Math.min(364, this.day) / 365) * 12));
        },

        /** What is under the pointer, else what leaves the room that day. */
        tell() {
            const whole = `${sheet.written(sheet.lossOn(this.day), sheet.power)} out through the floor`;
            if (this.kind === 'temperature') {
                const here = pointer ? sheet.at(sheet.onDay(this.day), pointer.x, pointer.y) : NaN;
                this.read = Number.isNaN(here)
                    ? `${whole}. Point at a place to read it.`
                    : `${sheet.written(here, sheet.temperature)} here`;
            } else if (this.kind === 'flow') {
                const full = `longest needle ${sheet.written(fullNeedle(sheet), sheet.flux)}, red more`;
                const here = pointer && this.nearest();
                this.read = here ? `${sheet.written(Math.hypot(here[2], here[3]), sheet.flux)} here; ${full}` : `${whole}; ${full}`;
            } else if (this.kind === 'vapour') {
                this.read = stacks?.tell(this.month(), sheet) ?? 'The stacks are cut through the common edge.';
            } else if (this.kind === 'frost') {
                this.read = this.tellFrost();
            } else {
                this.read = '';
            }
        },

        tellFrost() {
            const data = film?.data;
            if (!data || data.reason) {
                return data?.reason ?? 'The design winter is being run on this section.';
            }
            const now = data.days[Math.min(364, Math.floor(this.day))];
            if (!now) {
                return 'Design winter: nothing is frozen.';
            }
            // Not better than to 5 mm, or a quarter of an inch.
            const step = data.size.symbol === 'mm' ? 5 : 6.35;
            const size = sheet.written((Math.round(Math.abs(now.margin) / step) * step) / 1000, data.size);
            return now.margin < 0
                ? `Frost ${size} into the ground under the bearing`
                : `Frost ${size} away from the ground under the bearing`;
        },

        nearest() {
            const far = ([x, y]) => Math.hypot(x - pointer.x, y - pointer.y);
            const best = sheet.flows(this.day).reduce((a, b) => (far(b) < far(a) ? b : a), [Infinity, Infinity]);
            return far(best) < 40 ? best : null;
        },
    };
};
