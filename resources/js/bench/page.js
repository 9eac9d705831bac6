import have from '../have.js';
import Alpine from '@alpinejs/csp';
import Settled from './settled.js';

/** Those with fields are morphed, so that cursor and typing stay. */
const MORPHED = ['bench-acts', 'bench-conflict'];
/** Pieces that are swapped whole where the server wrote them anew. */
const SWAPPED = [
    'strip-heat',
    'strip-frost',
    'strip-damp',
    'strip-mass',
    'strip-load',
    'strip-tally',
    'sides',
    'small',
    'change',
    'drawing',
    'field-sheet',
    'vapour-sheet',
    'files',
    'core-heat',
    'core-frost',
    'core-damp',
    'core-mass',
    'core-load',
    'notes',
];
const LOG = 'bench-log';
/** Lists of findings: what asks for something, and what is not said yet. */
const LISTS = ['bench-findings', 'bench-answers'];

/** After a field of the findings is left, so that a press on its button is not lost, ms. */
const LEFT = 400;

/** Whether a piece is shown already as the server wrote it. */
const same = (here, there) =>
    there.hasAttribute('data-same') || (here?.dataset.print !== undefined && here.dataset.print === there.dataset.print);

/** What the server wrote on the bench, and what the person has typed over it since. */
export default class Page {
    constructor(form) {
        this.form = form;
        this.settled = new Settled();
        this.waiting = {};
    }

    fields() {
        return this.form.querySelectorAll('.bench-fields input[type=text], .bench-fields select');
    }

    /** What each field shows, by its id. */
    values() {
        return new Map([...this.fields()].map((field) => [field.id, field.value]));
    }

    /** Whether every field shows what the server wrote. */
    clean() {
        return [...this.fields()].every((field) => field.value === this.stored(field));
    }

    /** Which pieces it shows, as the server wrote them: name and fingerprint of each. */
    have() {
        return have(document);
    }

    /** Something else has written into a piece: it is no longer as the server sent it. */
    touched(element) {
        element.closest('[data-unit]')?.removeAttribute('data-print');
    }

    /**
     * The fields show what the server writes, except where the person has changed something since it was sent. What came by
     * itself, not asked for by a change, leaves the findings alone while a reason is being typed into them.
     */
    takeIn(fresh, sent, asked = true) {
        const now = this.values();
        // What comes by itself brings no new revision, and settles no conflict.
        for (const id of asked ? MORPHED : []) {
            this.morph(document.getElementById(id), fresh.getElementById(id));
        }
        for (const list of LISTS) {
            this.receiveFindings(document.getElementById(list), fresh.getElementById(list), asked);
        }
        // What comes later comes without what came before it, and leaves alone what is typed, saved or not.
        const log = fresh.getElementById(LOG);
        if (log) {
            this.markChanged(this.takeInUnits(document.getElementById(LOG), log));
        }
        for (const name of SWAPPED) {
            const [here, there] = [document, fresh].map((page) => page.querySelector(`[data-unit="${name}"]`));
            if (there && !same(here, there)) {
                here.replaceChildren(...there.childNodes);
                here.dataset.print = there.dataset.print;
                if (there.hasAttribute('href')) {
                    here.setAttribute('href', there.getAttribute('href'));
                }
            }
        }
        this.showChanged();
        for (const field of log ? this.fields() : []) {
            const typedSince = sent.has(field.id) && now.get(field.id) !== sent.get(field.id);
            field.value = typedSince ? now.get(field.id) : this.stored(field);
        }
    }

    receiveFindings(here, fresh, asked) {
        this.waiting[here.id] = fresh;
        // A message at a reason that was refused stays until the person has seen to it.
        if (!asked && here.querySelector('.finding .wrong')) {
            return;
        }
        if (asked || !document.activeElement.matches(`#${here.id} input`)) {
            this.takeInFindings(here, fresh);
            return;
        }
        document.activeElement.addEventListener(
            'blur',
            () => setTimeout(() => this.waiting[here.id] === fresh && this.takeInFindings(here, fresh), LEFT),
            { once: true },
        );
    }

    /** Only where the server wrote something else: a reason may just be being typed. What they cost is asked for anew. */
    takeInFindings(here, fresh) {
        const known = this.settled.order(here);
        this.settled.take(here);
        this.takeInUnits(here, fresh);
        this.settled.put(here, known);
        for (const said of here.querySelectorAll('[data-cost], [data-worse]')) {
            said.textContent = '';
        }
    }

    /** What the last change touched stands out in log and drawing until the next. */
    markChanged(names) {
        for (const marked of this.form.querySelectorAll('.changed')) {
            marked.classList.remove('changed');
        }
        this.changed = names;
        this.showChanged();
    }

    showChanged() {
        for (const name of this.changed ?? []) {
            const places = `#bench-log [data-part="${name}"], #bench-drawing .area[data-part="${name}"]`;
            for (const element of this.form.querySelectorAll(places)) {
                element.classList.add('changed');
            }
        }
    }

    /**
     * Only the pieces that the server wrote anew: comparing all their choices would take longer than the server did.
     *
     * @returns {string[]} their names
     */
    takeInUnits(here, fresh) {
        const anew = [];
        const [shown, written] = [here, fresh].map(
            (page) => new Map([...page.querySelectorAll('[data-unit]')].map((unit) => [unit.dataset.unit, unit])),
        );
        const sameOrder = [...shown.keys()].join() === [...written.keys()].join();
        for (const [name, unit] of written) {
            const kept = shown.get(name);
            if (!same(kept, unit)) {
                anew.push(name);
            }
            if (sameOrder && !same(kept, unit)) {
                this.morph(kept, unit);
            } else if (!sameOrder && kept && same(kept, unit)) {
                unit.replaceWith(kept);
            }
        }
        if (!sameOrder) {
            this.replace(here, fresh);
        }
        // Where a fault lies in something folded away, the server unfolds it.
        for (const folded of fresh.querySelectorAll('details[id][open]')) {
            document.getElementById(folded.id)?.setAttribute('open', '');
        }
        return anew;
    }

    /** Pieces have come, gone or changed places: all is put in anew, and cursor and what was unfolded stay. */
    replace(here, there) {
        const focused = document.activeElement;
        const [id, from, to] = [here.contains(focused) ? focused.id : '', focused?.selectionStart, focused?.selectionEnd];
        const open = [...here.querySelectorAll('details[id][open]')].map((details) => details.id);
        here.replaceChildren(...there.childNodes);
        for (const unfolded of open) {
            document.getElementById(unfolded)?.setAttribute('open', '');
        }
        const again = id === '' ? null : document.getElementById(id);
        again?.focus({ preventScroll: true });
        if (again?.type === 'text') {
            again.setSelectionRange(from, to);
        }
    }

    morph(here, there) {
        Alpine.morph(here, there.outerHTML, {
            key: (element) => element.id,
            updating: (from, to) => {
                // What is unfolded stays so: the server does not know it.
                if (from.tagName === 'DETAILS' && from.open) {
                    to.setAttribute('open', '');
                }
            },
        });
    }

    stored(field) {
        return field.tagName === 'SELECT' ? (field.querySelector('option[selected]')?.value ?? field.value) : field.defaultValue;
    }
}
