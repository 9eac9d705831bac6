import { openRow, partByNumber } from './log.js';

const OVERLAYS = { s: 'parts', l: 'levels', w: 'water', t: 'temperature', h: 'flow', v: 'vapour', f: 'frost' };

/** Keys of the bench that work outside its fields, and undo, redo and save everywhere. */
export default () => ({
    /** Keys that work wherever the cursor is, and single keys where nothing is being typed. */
    key(event) {
        const field = document.activeElement.closest('input, select, textarea, dialog');
        if ((event.ctrlKey || event.metaKey) && !event.altKey) {
            this.command(event, field);
        } else if (event.key === 'Escape' && !field) {
            this.closeDrawer();
        } else if (!field && !event.altKey && this.$root.hasAttribute('data-keys')) {
            this.single(event);
        }
    },

    command(event, field) {
        const key = event.key.toLowerCase();
        if (key === 's') {
            event.preventDefault();
            this.changed();
        } else if ((key === 'z' || key === 'y') && !(field?.type === 'text' && field.value !== field.defaultValue)) {
            // While something is being typed, undo belongs to the field.
            event.preventDefault();
            document.querySelector(key === 'y' || event.shiftKey ? '#redo' : '#undo')?.click();
        }
    },

    single(event) {
        const acts = {
            '?': () => this.help(),
            u: () => document.querySelector('#units [data-other]').click(),
            n: () => this.turn('nextElementSibling'),
            p: () => this.turn('previousElementSibling'),
            o: () => this.$dispatch('overlay-next'),
            ',': () => this.$dispatch('overlay-step', -1),
            '.': () => this.$dispatch('overlay-step', 1),
            j: () => this.nextFinding(1),
            k: () => this.nextFinding(-1),
            r: () => document.activeElement.closest('.finding')?.querySelector('[value^="remedy:"]')?.click(),
            a: () => this.showPanel(this.panel === 'answers' ? 'findings' : 'answers'),
            c: () => this.nextCore(),
            '[': () => this.nextRow(-1),
            ']': () => this.nextRow(1),
        };
        for (const [letter, kind] of Object.entries(OVERLAYS)) {
            acts[letter] = () => this.$dispatch('overlay-show', kind);
        }
        const act = /^\d$/.test(event.key)
            ? () => this.goTo(partByNumber(this.$root, event.key === '0' ? 10 : Number(event.key)))
            : acts[event.key.toLowerCase()];
        if (act) {
            event.preventDefault();
            act();
        }
    },

    /** To the part above or below the one that is open, else the first. */
    nextRow(way) {
        const rows = [...this.$root.querySelectorAll('details.log-row, .log-more')];
        const at = rows.findIndex((row) => row.open);
        openRow(rows[at < 0 ? (way > 0 ? 0 : rows.length - 1) : at + way] ?? rows[Math.max(0, at)], false);
    },

    turn(way) {
        const link = document.querySelector('#bench-options [aria-current]')?.[way];
        if (link && !link.matches('.options-all')) {
            link.click();
        }
    },
});
