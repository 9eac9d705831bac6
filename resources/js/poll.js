import { read } from './bench/send.js';

const EVERY = 1000;

/** What the server is still working out comes in by itself: the part of the page is fetched anew until nothing is pending. */
export default () => ({
    timer: null,

    init() {
        this.wait();
    },

    destroy() {
        clearTimeout(this.timer);
    },

    wait() {
        if (this.$root.querySelector('[data-pending]')) {
            this.timer = setTimeout(() => this.look(), EVERY);
        }
    },

    async look() {
        const fresh = await read(this.$root.dataset.url);
        for (const part of this.$root.querySelectorAll('[data-live]')) {
            const there = fresh?.getElementById(part.id);
            if (there && !part.contains(document.activeElement)) {
                part.replaceChildren(...there.childNodes);
            }
        }
        this.wait();
    },
});
