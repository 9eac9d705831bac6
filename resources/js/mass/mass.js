import { lines, plot } from './plots.js';
import Strip from './strip.js';

const AGAIN = 1500;
const FRAME = 60;
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** What happens by the hour: one question at a time, its plots under one cursor, the floor drawn as it charges. */
export default () => {
    // Not Alpine's: a plot must not be watched.
    let Plot = null;
    let plots = [];
    let strip = null;
    let film = null;
    let count = 0;
    let step = 1;
    let asked = 0;

    return {
        async init() {
            this.refit = () => plots.forEach(({ plot: p, element }) => p.setSize({ width: element.clientWidth, height: p.height }));
            window.addEventListener('resize', this.refit);
            ({ default: Plot } = await import('uplot'));
            this.open(
                this.$root.querySelector(`[data-question="${this.$root.dataset.first}"]`) ?? this.$root.querySelector('[data-question]'),
            );
        },

        destroy() {
            window.removeEventListener('resize', this.refit);
            this.stop();
            plots.forEach(({ plot: p }) => p.destroy());
        },

        pick(event) {
            this.open(event.target.closest('[data-question]'));
        },

        async open(item) {
            this.stop();
            const mine = ++asked;
            for (const other of this.$root.querySelectorAll('[data-question]')) {
                other.classList.toggle('is-shown', other === item);
                other.querySelector('button').setAttribute('aria-pressed', other === item ? 'true' : 'false');
            }
            this.$refs.state.textContent = '';
            const [own, other] = await Promise.all([
                this.read(item.dataset.own, () => mine === asked),
                item.dataset.other ? this.read(item.dataset.other, () => mine === asked) : null,
            ]);
            if (mine !== asked) {
                return;
            }
            if (!own) {
                this.$refs.state.textContent = 'Its hours cannot be had just now.';
                return;
            }
            this.draw(item, own, other && { ...other, name: item.dataset.name }, mine);
        },

        /** 202: still being simulated. */
        async read(url, wanted) {
            try {
                for (;;) {
                    const response = await fetch(url, { headers: { Accept: 'application/json' } });
                    if (response.status !== 202 || !wanted()) {
                        return response.ok && !response.redirected && response.status === 200 ? await response.json() : null;
                    }
                    await new Promise((done) => setTimeout(done, AGAIN));
                }
            } catch {
                return null;
            }
        },

        draw(item, own, other, mine) {
            const [run] = own.runs;
            step = own.step;
            count = run.room.length;
            const hours = run.room.map((_, i) => (i + 1) * step);
            const sets = lines(own.runs, other);
            this.$refs.title.textContent = item.querySelector('button').textContent;
            plots.forEach(({ plot: p }) => p.destroy());
            plots = [
                ['warm', own.degrees],
                ['flow', 'kW'],
                ['store', own.held],
            ].map(([name, unit]) => {
                const element = this.$refs[name];
                return {
                    element,
                    plot: plot(
                        Plot,
                        element,
                        hours,
                        sets[name],
                        unit,
                        (t, brief) => this.time(t, brief),
                        (at) => this.moved(at),
                    ),
                };
            });
            strip = run.cells ? new Strip(this.$refs.strip, run, own.degrees) : null;
            if (!strip) {
                this.$refs.strip.replaceChildren();
            }
            this.$refs.hour.max = count - 1;
            // Plots lay themselves out in a moment.
            setTimeout(() => mine === asked && this.to(0));
        },

        /** `day 3, 14:00`, or a date in a year. */
        time(hours, brief) {
            if (step === 24) {
                const day = Math.max(0, Math.round(hours / 24) - 1);
                const date = new Date(Date.UTC(2001, 0, 1 + day));
                return `${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]}`;
            }
            const day = Math.floor(hours / 24);
            const hour = Math.round(hours % 24);
            return brief
                ? hours === 0
                    ? ''
                    : hours % 24 === 0
                      ? `${day} ${day === 1 ? 'day' : 'days'}`
                      : `${hours} h`
                : `day ${day + 1}, ${hour}:00`;
        },

        moved(at) {
            if (at === null || at === undefined) {
                return;
            }
            this.$refs.hour.value = at;
            this.tell(at);
        },

        tell(at) {
            const words = this.time((at + 1) * step, false);
            this.$refs.when.textContent = words;
            this.$refs.hour.setAttribute('aria-valuetext', words);
            strip?.show(at);
        },

        to(at) {
            this.$refs.hour.value = at;
            for (const { plot: each } of plots) {
                each.setCursor({ left: each.valToPos((at + 1) * step, 'x'), top: 40 }, false, false);
            }
            this.tell(at);
        },

        slide(event) {
            this.stop();
            this.to(Number(event.target.value));
        },

        play() {
            if (film) {
                this.stop();
                return;
            }
            let at = Number(this.$refs.hour.value) >= count - 1 ? 0 : Number(this.$refs.hour.value);
            this.$refs.play.textContent = 'Stop';
            film = setInterval(() => {
                this.to(at);
                if (++at >= count) {
                    this.stop();
                }
            }, FRAME);
        },

        stop() {
            clearInterval(film);
            film = null;
            this.$refs.play.textContent = 'Let it run';
        },
    };
};
