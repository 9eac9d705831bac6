import Alpine from '@alpinejs/csp';

/** Those with fields are morphed, so that cursor and typing stay; the others are swapped whole. */
const MORPHED = ['bench-acts', 'bench-conflict'];
const SWAPPED = ['bench-sides', 'bench-drawing', 'bench-files', 'bench-cores', 'bench-notes'];
const LOG = 'bench-log';
const FINDINGS = 'bench-findings';

/** After a field of the findings is left, so that a press on its button is not lost, ms. */
const LEFT = 400;

/** What the server wrote on the bench, and what the person has typed over it since. */
export default class Page {
    constructor(form) {
        this.form = form;
        this.written = this.units(document.getElementById(LOG));
        this.found = document.getElementById(FINDINGS).innerHTML;
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

    /**
     * The fields show what the server writes, except where the person has changed something since it was sent. What came by
     * itself, not asked for by a change, leaves the findings alone while a reason is being typed into them.
     */
    takeIn(fresh, sent, asked = true) {
        const now = this.values();
        for (const id of MORPHED) {
            this.morph(document.getElementById(id), fresh.getElementById(id));
        }
        this.receiveFindings(document.getElementById(FINDINGS), fresh.getElementById(FINDINGS), asked);
        this.takeInLog(document.getElementById(LOG), fresh.getElementById(LOG));
        for (const id of SWAPPED) {
            document.getElementById(id).replaceChildren(...fresh.getElementById(id).childNodes);
        }
        for (const field of this.fields()) {
            const typedSince = sent.has(field.id) && now.get(field.id) !== sent.get(field.id);
            field.value = typedSince ? now.get(field.id) : this.stored(field);
        }
    }

    receiveFindings(here, fresh, asked) {
        this.waiting = fresh;
        // A message at a reason that was refused stays until the person has seen to it.
        if (!asked && here.querySelector('.finding .wrong')) {
            return;
        }
        if (asked || !document.activeElement.matches(`#${FINDINGS} input`)) {
            this.takeInFindings(here, fresh);
            return;
        }
        document.activeElement.addEventListener('blur', () => setTimeout(() => this.waiting === fresh && this.takeInFindings(here, fresh), LEFT), { once: true });
    }

    /** Only where the server wrote something else: a reason may just be being typed. What they cost is asked for anew. */
    takeInFindings(here, fresh) {
        const html = fresh.innerHTML;
        if (html !== this.found) {
            const focused = document.activeElement?.id;
            this.morph(here, fresh);
            this.found = html;
            // Findings that change places take the cursor from what is typed in them.
            if (focused && document.activeElement?.id !== focused) {
                document.getElementById(focused)?.focus();
            }
        }
        for (const cost of here.querySelectorAll('[data-cost]')) {
            cost.textContent = '';
        }
    }

    /** Only the rows that the server wrote anew: comparing all their choices would take longer than the server did. */
    takeInLog(log, fresh) {
        const units = this.units(fresh);
        if ([...units.keys()].join() === [...this.written.keys()].join()) {
            for (const [name, html] of units) {
                if (html !== this.written.get(name)) {
                    this.morph(log.querySelector(`[data-unit="${name}"]`), fresh.querySelector(`[data-unit="${name}"]`));
                }
            }
        } else {
            this.morph(log, fresh);
        }
        this.written = units;
    }

    /** @returns {Map<string, string>} the log's rows as they are written, by name and in their order */
    units(log) {
        return new Map([...log.querySelectorAll('[data-unit]')].map((unit) => [unit.dataset.unit, unit.outerHTML]));
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
