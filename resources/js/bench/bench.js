import Alpine from '@alpinejs/csp';
import follow from '../later.js';
import { grab, typeOver } from './drawing.js';
import keys from './keys.js';
import { openRow, stepSize, nextPart, rowOf } from './log.js';
import Page from './page.js';
import { panels } from './panels.js';
import Preview from './preview.js';
import Zoom from './zoom.js';
import send, { NotSaved, read, readAhead } from './send.js';

const RETRY_AFTER = 4000;

/** Between the last answer and asking for what takes long, ms. */
const REST = 1500;

/** While answers to an edit come in. */
const EDITING = 'is-editing';

/** Between two looks how far the winters are, ms. */
const WINTER = 3000;

/**
 * The bench's form: sends itself when a value is committed and takes in what comes back. One request is under way at a
 * time, in the order in which they were asked for, so that an older answer never lands over a newer one.
 */
export default () => {
    // Not among the data below: what is there is watched, and a page of rows is much to watch.
    let page;
    let following = null;
    let ahead = null;
    let resting = null;

    let preview;
    let zoom;
    const state = Alpine.store('bench');

    return {
        ...panels(),
        ...keys(),
        jobs: [],
        busy: false,
        timer: null,

        init() {
            page = new Page(this.$root);
            preview = new Preview(this.$root, () => this.revision());
            zoom = new Zoom(document.getElementById('bench-drawing'));
            this.$root.addEventListener('fresh', () => zoom.again());
            this.beginPanels();
            this.follow();
        },

        get may() {
            return this.$root.hasAttribute('data-may');
        },

        changed(event) {
            // A reason is sent by its button alone.
            if (event?.target.matches('.finding-acts input')) {
                return undefined;
            }
            return this.ask({ url: this.$root.action });
        },

        submitted(event) {
            const by = event.submitter;
            const job = {
                url: by?.hasAttribute('formaction') ? by.formAction : this.$root.action,
                extra: by?.name ? { [by.name]: by.value } : undefined,
                by,
            };
            if (by?.closest('dialog')) {
                this.closeParts();
                job.opens = by.value.replace('put:', '');
            }
            return this.ask(job);
        },

        again() {
            return this.ask({ url: this.$root.action });
        },

        /** Back from another tab, or back on the net. */
        resume() {
            if (state.stuck) {
                this.again();
            }
        },

        leave(event) {
            if (this.busy || state.stuck) {
                event.preventDefault();
            }
        },

        /** The field comes after the drawing, at first on a mesh that takes no time; a newer change makes it stale. */
        async follow() {
            clearTimeout(resting);
            if (this.$root.querySelector('[data-pending]') && !(await this.takeAhead()) && !(await this.askField('rough'))) {
                if (!this.busy) {
                    this.$root.classList.remove(EDITING);
                }
                return;
            }
            if (this.$root.querySelector('[data-rough]')) {
                resting = setTimeout(() => this.refine(), REST);
            } else {
                this.rest();
            }
        },

        /** The field of what is being saved is worked out beside the saving; not that of an undo, which only the server knows. */
        lookAhead(job) {
            following = new AbortController();
            ahead =
                job.url === this.$root.action
                    ? { sent: page.values(), fresh: readAhead(this.$root.dataset.ahead, this.$root, job.extra ?? {}, following.signal) }
                    : null;
        },

        /** @returns {Promise<boolean>} whether it came, and still belongs to what is shown */
        async takeAhead() {
            const mine = ahead;
            const fresh = await mine?.fresh;
            if (!fresh || mine !== ahead || this.busy) {
                return false;
            }
            ahead = null;
            page.takeIn(fresh, mine.sent, false);
            this.$dispatch('fresh');
            return true;
        },

        /** Once the hand rests, on a mesh as fine as its accuracy asks for. */
        async refine() {
            this.$root.classList.remove(EDITING);
            const came = await this.askField('now');
            if (came) {
                this.rest();
            } else if (came === undefined) {
                resting = setTimeout(() => this.refine(), REST);
            }
        },

        /** @returns {Promise<boolean|undefined>} whether it came, and still belongs to what is shown; undefined where others go first */
        async askField(mesh) {
            following = new AbortController();
            const sent = page.values();
            const of = this.revision();
            const fresh = await read(this.fieldUrl(mesh), page.have(), following.signal);
            // What was saved meanwhile has its own.
            if (fresh && of !== this.revision()) {
                return false;
            }
            if (!fresh || this.busy) {
                return fresh === undefined && !this.busy ? undefined : false;
            }
            page.takeIn(fresh, sent, false);
            this.$dispatch('fresh');
            return true;
        },

        /** The one that is shown. */
        revision() {
            return document.getElementById('bench-acts').dataset.of;
        },

        fieldUrl(mesh) {
            const url = new URL(this.$root.dataset.show, window.location.href);
            url.searchParams.set('field', mesh);
            url.searchParams.set('of', this.revision());
            return url.href;
        },

        /** What takes long is worked out after all else, once the hand rests. */
        rest() {
            clearTimeout(resting);
            resting = setTimeout(() => {
                this.$root.classList.remove(EDITING);
                for (const [kind, url] of Object.entries(this.later())) {
                    this.watch(kind, url);
                }
            }, REST);
        },

        /** Where what belongs to the shown revision is asked for, by kind. */
        later() {
            return JSON.parse(document.getElementById('bench-acts').dataset.later);
        },

        async watch(kind, url) {
            const wanted = () => this.later()[kind] === url;
            const came = await follow(url, { every: WINTER, wanted, take: (fresh) => this.takePiece(kind, fresh) });
            // Rules hang on winters: they come with the last.
            if (came && kind === 'winters') {
                await this.askField('now');
            }
        },

        takePiece(kind, fresh) {
            if (kind === 'costs') {
                for (const kind of ['cost', 'worse']) {
                    for (const said of fresh.querySelectorAll(`[data-${kind}]`)) {
                        const place = this.$root.querySelector(`[data-${kind}="${said.dataset[kind]}"]`);
                        if (place) {
                            place.textContent = said.textContent;
                        }
                    }
                }
                return;
            }
            const id = { winters: 'frost-core', cooling: 'mass-core' }[kind];
            for (const [here, there] of [
                [document.getElementById(id), fresh.getElementById(id)],
                [document.querySelector(`[data-unit="strip-${id.replace('-core', '')}"]`), fresh.querySelector('[data-cell]')],
            ]) {
                here.replaceChildren(...there.childNodes);
                page.touched(here);
            }
        },

        async ask(job) {
            if (!this.may) {
                return;
            }
            following?.abort();
            clearTimeout(resting);
            this.$root.classList.add(EDITING);
            // A save takes all fields as they are when it is sent: two of them in a row are one.
            if (!(this.plain(job) && this.jobs.length > 0 && this.plain(this.jobs.at(-1)))) {
                this.jobs.push(job);
            }
            if (this.busy) {
                return;
            }
            clearTimeout(this.timer);
            this.busy = true;
            try {
                while (this.jobs.length > 0) {
                    await this.perform(this.jobs.shift());
                }
            } finally {
                this.busy = false;
            }
            await this.follow();
        },

        plain(job) {
            return job.url === this.$root.action && !job.extra;
        },

        async perform(job) {
            if (this.plain(job) && state.mood === 'calm' && page.clean()) {
                return;
            }
            const sent = page.values();
            this.tell('Saving', 'busy');
            preview.clear();
            job.by?.setAttribute('aria-busy', 'true');
            try {
                this.lookAhead(job);
                const { status, fresh } = await send(job.url, this.$root, page.have(), job.extra);
                const keep = status === 200 ? page.settled.begin(job.by) : null;
                page.takeIn(fresh, sent);
                keep?.();
                this.$dispatch('fresh');
                if (job.opens && status === 200) {
                    this.goTo(job.opens);
                }
                state.stuck = false;
                this.tell(fresh.getElementById('bench-acts').dataset.words, status === 200 ? 'calm' : 'refused');
                if (status !== 200) {
                    ahead = null;
                    // What was typed since may be the mending of it; an undo asked for meanwhile meant something else.
                    this.jobs = status === 422 ? this.jobs.filter((next) => this.plain(next)) : [];
                }
            } catch (error) {
                job.by?.removeAttribute('aria-busy');
                if (!(error instanceof NotSaved)) {
                    throw error;
                }
                this.jobs = [];
                ahead = null;
                state.stuck = true;
                this.tell(error.message, 'stuck');
                if (error.passing) {
                    this.timer = setTimeout(() => this.again(), RETRY_AFTER);
                }
            }
        },

        tell(words, mood) {
            state.said = words;
            state.mood = mood;
        },

        /** Lights up a part in the drawing and its row in the log together: the one pointed at, else the one being changed. */
        point(event) {
            preview.point(event);
            const over = event.type === 'mouseleave' ? null : event.target.closest('[data-part]');
            const part = (over ?? document.activeElement.closest('.log-row[data-part]'))?.dataset.part;
            for (const element of this.$root.querySelectorAll('[data-part]')) {
                element.classList.toggle('lit', element.dataset.part === part);
            }
        },

        /** A click on the drawing: a dimension is typed over where it stands, a part is found in the log. */
        pick(event) {
            const size = event.target.closest('#bench-drawing text[data-field]');
            if (size?.matches('.question')) {
                this.$root.querySelector(`[data-answers="${CSS.escape(size.dataset.field)}"]`)?.click();
                return;
            }
            if (size && this.may) {
                typeOver(size, this.field(size.dataset.field));
                return;
            }
            const part = event.target.closest('#bench-drawing [data-part]')?.dataset.part;
            if (part) {
                this.goTo(part);
            }
        },

        /** Opens a part's row, where its first field is ready to be typed over. */
        goTo(part) {
            const row = rowOf(this.$root, part);
            if (row) {
                openRow(row);
            }
        },

        /** The sheet with a part's sizes, on a telephone. */
        fold(event) {
            event.currentTarget.closest('details').open = false;
        },

        /** From something that is not said to where it is filled in. */
        fillIn(event) {
            const field = this.field(event.currentTarget.dataset.unsaid);
            field?.closest('details')?.setAttribute('open', '');
            field?.scrollIntoView({ block: 'nearest' });
            field?.focus();
            field?.select?.();
        },

        /** Of the log, by its name in project files. */
        field(name) {
            return document.getElementById(`design-${name.replaceAll('.', '-')}`);
        },

        grab(event) {
            const handle = event.target.closest('.handle');
            if (handle && this.may) {
                grab(event, handle, this.field(handle.dataset.field));
            }
        },

        /** Keys within a field. */
        step(event) {
            const field = event.target;
            if (event.key === 'Enter' && field.matches('.finding-acts input')) {
                event.preventDefault();
                field.parentElement.querySelector('button').click();
                return;
            }
            if (!field.matches('.bench-fields :is(input[type=text], select)') || event.ctrlKey || event.metaKey || event.altKey) {
                return;
            }
            const typed = field.tagName === 'INPUT';
            const acts = {
                ...(typed && { ArrowUp: () => stepSize(field, 1), ArrowDown: () => stepSize(field, -1) }),
                PageUp: () => nextPart(field, -1),
                PageDown: () => nextPart(field, 1),
                Escape: () => {
                    field.value = page.stored(field);
                    field.select?.();
                },
            };
            if (acts[event.key]) {
                event.preventDefault();
                acts[event.key]();
            }
        },

        help() {
            document.getElementById('keys').showModal();
        },
    };
};
