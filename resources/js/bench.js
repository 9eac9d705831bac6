const FRAGMENTS = ['bench-log', 'bench-drawing', 'bench-cores', 'bench-notes'];

/**
 * The bench's form: sends itself when a value is committed and swaps the fragments that come back. One request is under
 * way at a time, so that an older answer never lands over a newer one.
 */
export default () => ({
    busy: false,
    waiting: null,
    said: '',

    async save() {
        const form = this.$root;
        if (this.busy) {
            this.waiting = this.values(form);
            return;
        }
        this.busy = true;
        this.said = 'Working it out';
        const sent = this.values(form);
        try {
            await this.$ajax(form.getAttribute('action'), { method: 'POST', body: new FormData(form), targets: FRAGMENTS, focus: false });
            this.settle(form, sent);
            this.said = form.querySelector('[aria-invalid]') ? 'Not saved: the drawing shows the last sound design.' : 'Saved';
        } catch (error) {
            console.warn(error);
            this.said = 'Not saved: no answer from the server. What you typed is still here; change it again to retry.';
        }
        this.busy = false;
        if (this.waiting) {
            this.waiting = null;
            await this.save();
        }
    },

    /** What is unfolded stays so: the server does not know it. */
    keepFolds(event) {
        for (const fold of event.detail.content.querySelectorAll('details[id]')) {
            fold.open = fold.open || document.getElementById(fold.id)?.open === true;
        }
    },

    fields(form) {
        return form.querySelectorAll('input[type=text], select');
    },

    values(form) {
        return new Map([...this.fields(form)].map((field) => [field.id, field.value]));
    },

    /** After a swap the fields show what the server wrote, except where the person has changed something since. */
    settle(form, sent) {
        for (const field of this.fields(form)) {
            const now = this.waiting?.get(field.id) ?? field.value;
            if (sent.has(field.id) && now !== sent.get(field.id) && (this.waiting || field.tagName === 'INPUT')) {
                field.value = now;
            } else if (field.tagName === 'SELECT') {
                const chosen = field.querySelector('option[selected]');
                field.value = chosen ? chosen.value : field.value;
            } else {
                field.value = field.defaultValue;
            }
        }
    },

    /** Lights up a part in the drawing and its row in the log together: the one pointed at, else the one being changed. */
    point(event) {
        const over = event.type === 'mouseleave' ? null : event.target.closest('[data-part]');
        const part = (over ?? document.activeElement.closest('.log-row[data-part]'))?.dataset.part;
        for (const element of this.$root.querySelectorAll('[data-part]')) {
            element.classList.toggle('lit', element.dataset.part === part);
        }
    },

    /** A click on the drawing puts the cursor in the part's row. */
    pick(event) {
        const part = event.target.closest('#bench-drawing [data-part]')?.dataset.part;
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
