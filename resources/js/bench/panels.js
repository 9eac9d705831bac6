const KEPT = 'ondergrond.panel';
const CORES = { heat: 'Heat', frost: 'Frost', damp: 'Damp', mass: 'Mass', load: 'Load' };
/** What lies over the drawing when a core is picked. */
const OVER = { heat: 'temperature', frost: 'frost', damp: 'vapour', mass: 'temperature', load: 'parts' };

/** What stands at the right of the bench: findings, what is to be answered, the detail of a core, what is to be read with it. */
export const panels = () => ({
    panel: 'findings',

    beginPanels() {
        const kept = sessionStorage.getItem(KEPT);
        this.showPanel(this.$root.querySelector(`[data-panel="${kept}"]`) ? kept : 'findings', false);
    },

    /** By a cell of the strip or a tab; a core brings its overlay. */
    pickCore(event) {
        const name = event.currentTarget.dataset.core;
        const again = this.panel === name && name in CORES;
        const over = name in CORES && !again ? OVER[name] : 'parts';
        const was = this.panel;
        this.showPanel(again ? 'findings' : name);
        // A core leaves with the overlay that it came with.
        if (name in CORES || was in CORES) {
            this.$dispatch('overlay-show', over);
        }
    },

    showPanel(name, byHand = true) {
        this.panel = name;
        sessionStorage.setItem(KEPT, name);
        for (const button of this.$root.querySelectorAll('[data-core]')) {
            button.setAttribute('aria-pressed', String(button.dataset.core === name));
        }
        this.$root.classList.toggle('is-drawn', byHand);
        if (byHand) {
            const side = document.getElementById('bench-side');
            side.scrollTop = 0;
            if (window.matchMedia('(max-width: 700px)').matches) {
                side.scrollIntoView({ block: 'start' });
            }
        }
    },

    closeDrawer() {
        this.$root.classList.remove('is-drawn');
    },

    shows(name) {
        return this.panel === name;
    },

    isCore() {
        return this.panel in CORES;
    },

    coreName() {
        return CORES[this.panel] ?? '';
    },

    nextCore() {
        const names = Object.keys(CORES);
        const name = names[(names.indexOf(this.panel) + 1) % names.length];
        this.showPanel(name);
        this.$dispatch('overlay-show', OVER[name]);
    },

    nextFinding(way) {
        const list = [...this.$root.querySelectorAll(`[data-panel="${this.panel}"] .finding`)];
        if (list.length === 0) {
            this.showPanel('findings');
            return;
        }
        const at = list.indexOf(document.activeElement.closest('.finding'));
        const next = list[Math.max(0, Math.min(list.length - 1, at + way))];
        next.querySelector('button, summary, a')?.focus({ preventScroll: true });
        next.scrollIntoView({ block: 'nearest' });
    },

    /** The picker of parts that may come in. */
    async openParts() {
        const dialog = document.getElementById('parts');
        dialog.showModal();
        const response = await fetch(this.$root.dataset.parts, { headers: { Accept: 'text/html' } }).catch(() => null);
        const list = document.getElementById('parts-list');
        if (response?.ok && !response.redirected) {
            const fresh = new DOMParser().parseFromString(await response.text(), 'text/html').getElementById('parts-list');
            list.replaceChildren(...fresh.childNodes);
        } else {
            list.textContent = 'The parts cannot be fetched now. Close this and try again.';
        }
    },

    closeParts() {
        document.getElementById('parts').close();
    },
});
