const FRAGMENTS = ['bench-log', 'bench-drawing', 'bench-cores', 'bench-notes'];

/**
 * The bench's form: sends itself when a value is committed and swaps the fragments that come back. One request is under
 * way at a time, so that an older answer never lands over a newer one.
 */
export default () => ({
    busy: false,
    again: false,
    said: '',

    async save() {
        if (this.busy) {
            this.again = true;
            return;
        }
        this.busy = true;
        this.said = 'Working it out';
        const form = this.$root;
        try {
            await this.$ajax(form.getAttribute('action'), { method: 'POST', body: new FormData(form), targets: FRAGMENTS, focus: false });
            this.settle(form);
            this.said = form.querySelector('[aria-invalid]') ? 'Not saved: the drawing shows the last sound design.' : 'Saved';
        } catch (error) {
            console.warn(error);
            this.said = 'Not saved: no answer from the server. What you typed is still here; change it again to retry.';
        }
        this.busy = false;
        if (this.again) {
            this.again = false;
            await this.save();
        }
    },

    /** After a swap the fields show what the server wrote, except the one being typed in. */
    settle(form) {
        const here = document.activeElement;
        for (const field of form.querySelectorAll('input[type=text], select')) {
            if (field === here && field.tagName === 'INPUT') {
                continue;
            }
            if (field.tagName === 'SELECT') {
                const chosen = field.querySelector('option[selected]');
                field.value = chosen ? chosen.value : field.value;
            } else {
                field.value = field.defaultValue;
            }
        }
    },

    /** Lights up a part in the drawing and its row in the log together. */
    point(event) {
        const part = event.target.closest('[data-part]')?.dataset.part ?? null;
        for (const element of this.$root.querySelectorAll('[data-part]')) {
            element.classList.toggle('lit', part !== null && element.dataset.part === part);
        }
    },

    unpoint() {
        for (const element of this.$root.querySelectorAll('.lit')) {
            element.classList.remove('lit');
        }
    },

    /** A click on the drawing puts the cursor in the part's row. */
    pick(event) {
        const part = event.target.closest('svg.section-drawing [data-part]')?.dataset.part;
        const row = part === 'wall' ? this.$root.querySelector('#log-wall') : this.$root.querySelector(`.log-row[data-part="${part}"]`);
        if (!part || !row) {
            return;
        }
        if (row.tagName === 'DETAILS') {
            row.open = true;
        }
        row.querySelector('input')?.select();
        row.scrollIntoView({ block: 'nearest' });
    },
});
