import Alpine from '@alpinejs/csp';
import grips from './grips.js';
import have from './have.js';
import renewToken from './token.js';

const WORDS = {
    busy: 'saving …',
    saved: 'saved',
    unreachable: 'Not saved: no connection. What you typed is still here.',
    full: 'Not saved: the disk that Ondergrond saves on is full or may not be written to. Make room, then try again. What you typed is still here.',
    crowded: 'Not saved: others were saving all the while. Try again. What you typed is still here.',
    broken: 'Not saved: the server did not answer. What you typed is still here.',
    'signed-out': 'Not saved: you are signed out. Sign in again in another tab. What you typed is still here.',
    refused: 'Not saved; what is wrong stands at its field.',
};

/** Pieces of a page that are compared as a whole. */
const PIECES = '[data-unit], form, fieldset, details, datalist, .wall, .plan-drawing';

/** Between two looks at what is being worked out, ms. */
const LOOK = 1500;

/** What was sent then waits to be sent again. */
const STUCK = ['unreachable', 'full', 'crowded', 'broken', 'signed-out'];

/** Of a drawing only those marks are put in anew that are others; most of hundreds are as they were. */
function redraw(old, fresh) {
    if (old.isEqualNode(fresh)) {
        return;
    }
    const [shell, there] = [old.cloneNode(false), [...fresh.childNodes]];
    if (there.length === 0 || there.length !== old.childNodes.length || !shell.isEqualNode(fresh.cloneNode(false))) {
        old.replaceWith(fresh);
    } else {
        [...old.childNodes].forEach((mark, i) => redraw(mark, there[i]));
    }
}

/** What is put in that came without what is in it, as the page showed it already, has it again. */
function fill(put, shown) {
    const within = put.querySelectorAll ? [...put.querySelectorAll('[data-same]')] : [];
    for (const stub of put.dataset && 'same' in put.dataset ? [put] : within) {
        stub.replaceChildren(...shown.get(stub.dataset.unit).cloneNode(true).childNodes);
        stub.removeAttribute('data-same');
    }
}

/** What is as it was is not looked into; in a drawing what has the focus keeps it. */
function lay(old, fresh) {
    const shown = new Map([...old.querySelectorAll('[data-unit]')].map((unit) => [unit.dataset.unit, unit]));
    Alpine.morph(old, fresh, {
        key: (element) => element.id || element.dataset.unit,
        adding: (put) => fill(put, shown),
        updating(from, to, childrenOnly, skip) {
            if (from.nodeType !== Node.ELEMENT_NODE || !from.matches(PIECES)) {
                return;
            }
            if ('same' in to.dataset || from.isEqualNode(to)) {
                skip();
            } else if (from.matches('.plan-drawing')) {
                const grip = document.activeElement?.closest?.('.plan-drawing [data-grip]')?.dataset.grip;
                redraw(from.firstElementChild, to.firstElementChild);
                from.dataset.print = to.dataset.print;
                skip();
                if (grip) {
                    from.querySelector(`[data-grip="${CSS.escape(grip)}"]`)?.focus();
                }
            }
        },
    });
}

/**
 * A page whose forms are sent as soon as something in them changed, or where they say `pressed` only then, one after the other,
 * and that takes in what comes back.
 */
export default () => ({
    init() {
        this.root = this.$el;
        this.busy = false;
        this.root.addEventListener('change', (event) => {
            const form = event.target.form;
            if (event.target.matches('[data-go]')) {
                form.requestSubmit();
            } else if (form?.matches('[data-live]:not([data-live=pressed])') && !event.target.matches('[data-still]')) {
                this.send(form);
            }
        });
        this.root.addEventListener('submit', (event) => {
            if (event.target.matches('[data-live]')) {
                event.preventDefault();
                this.send(event.target, event.submitter);
            }
        });
        for (const again of ['focus', 'online']) {
            window.addEventListener(again, () => this.resume());
        }
        this.root.addEventListener('click', (event) => {
            if (event.target.closest?.('[data-again]')) {
                this.resume();
            }
        });
        grips(this);
        // A row whose fields are not here yet is filled when it is opened.
        this.root.addEventListener('toggle', (event) => {
            const id = event.target.open && event.target.dataset?.lazy;
            if (id) {
                const url = new URL(window.location.href);
                url.searchParams.append('open[]', id);
                window.history.replaceState(null, '', url);
                this.look();
            }
        }, true);
        // A press on a wall opens its section.
        this.root.addEventListener('click', (event) => {
            const wall = event.target.closest?.('[data-part^="wall:"]')?.dataset.part.slice(5);
            const link = wall && this.root.querySelector(`[data-section="${CSS.escape(wall)}"]`);
            if (link && event.target.closest('svg')) {
                link.click();
            }
        });
        this.await();
        // A length is typed where it stands on the drawing: its field is found by pressing it.
        this.root.addEventListener('click', (event) => {
            const of = event.target.closest?.('text[data-field]')?.dataset.field;
            const field = of && this.root.querySelector(`[data-dimension="${CSS.escape(of)}"]`);
            field?.focus();
            field?.select();
        });
        if ('keys' in this.root.dataset) {
            document.addEventListener('keydown', (event) => this.press(event));
        }
    },

    say(state) {
        for (const place of this.root.querySelectorAll('[data-said]')) {
            place.textContent = WORDS[state];
        }
        for (const button of this.root.querySelectorAll('[data-again]')) {
            button.hidden = !STUCK.includes(state);
        }
    },

    /** What could not be sent is sent again, as its person is back, or the connection. */
    async resume() {
        const [id, name, value] = this.waiting ?? [];
        const form = id && document.getElementById(id);
        if (!form || this.busy) {
            return;
        }
        const state = await renewToken(form);
        if (state !== 'fresh') {
            this.say(state);
            return;
        }
        this.send(form, name ? { name, value } : null);
    },

    async send(form, by = null) {
        if (this.busy) {
            this.next = [form.id, by?.name, by?.value];
            return;
        }
        this.busy = true;
        this.say('busy');
        const data = new FormData(form);
        if (by?.name) {
            // What is put in is chosen beside the button.
            const beside = by.dataset?.with && document.getElementById(by.dataset.with)?.value;
            data.set(by.name, by.value + (beside ?? ''));
        }
        const headers = { Accept: 'text/html', 'X-Live': '1', 'X-Have': have(this.root) };
        const response = await fetch(form.action, { method: 'POST', body: data, headers }).catch(() => null);
        const state = await this.take(response, form);
        this.busy = false;
        this.await();
        this.waiting = STUCK.includes(state) ? [form.id, by?.name, by?.value] : null;
        this.say(state);
        if (this.next) {
            const [id, name, value] = this.next;
            this.next = null;
            const again = document.getElementById(id);
            if (again) {
                this.send(again, name ? { name, value } : null);
            }
        }
    },

    /** The page that came back is laid over this one; what is being typed right now stays. */
    async take(response, sent) {
        if (!response) {
            return 'unreachable';
        }
        if (!response.ok) {
            return { 401: 'signed-out', 419: 'signed-out', 503: 'crowded', 507: 'full' }[response.status] ?? 'broken';
        }
        const page = new DOMParser().parseFromString(await response.text(), 'text/html');
        const fresh = page.getElementById('live');
        if (!fresh) {
            return 'signed-out';
        }
        const open = new Set([...this.root.querySelectorAll('details[open][id]')].map((one) => one.id));
        for (const one of fresh.querySelectorAll('details[id]')) {
            one.open = one.open || open.has(one.id);
        }
        Object.assign(this.root.dataset, fresh.dataset);
        const focus = document.activeElement;
        for (const [i, part] of [...fresh.children].entries()) {
            lay(this.root.children[i], part);
        }
        for (const field of this.root.querySelectorAll('input, select')) {
            if (field.form?.matches('[data-live=pressed]') && field.form.id !== sent.id) {
                continue;
            }
            if (field !== focus && field.type !== 'checkbox' && field.tagName === 'INPUT') {
                field.value = field.getAttribute('value') ?? '';
            } else if (field.tagName === 'SELECT') {
                field.value = field.querySelector('option[selected]')?.value ?? field.value;
            }
        }
        return this.root.querySelector('.wrong, .conflict') ? 'refused' : 'saved';
    },

    press(event) {
        const typing = event.target.closest('input, select, textarea, [contenteditable]');
        const undo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z';
        if ((typing && !undo) || event.altKey || ((event.ctrlKey || event.metaKey) && !undo)) {
            return;
        }
        const key = undo ? (event.shiftKey ? 'r' : 'u') : event.key;
        const button = this.root.querySelector(`[data-press="${CSS.escape(key)}"]:not(:disabled)`);
        if (button) {
            event.preventDefault();
            button.click();
        }
    },

    /** What is still being worked out is fetched anew until it is there. */
    await() {
        if (!this.awaited && this.root.isConnected && this.root.querySelector('[data-pending]')) {
            this.awaited = setTimeout(() => this.look(), LOOK);
        }
    },

    async look() {
        const response = this.busy ? null : await fetch(window.location.href, {
                  headers: { Accept: 'text/html', 'X-Have': have(this.root) },
              }).catch(() => null);
        if (response && !this.busy) {
            await this.take(response, { id: '' });
        }
        this.awaited = null;
        this.await();
    },
});
