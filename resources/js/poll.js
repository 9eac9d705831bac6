import follow from './later.js';

const EVERY = 1000;

/** What the server is still working out comes in by itself: the part of the page is fetched anew until nothing is pending. */
export default () => ({
    gone: false,
    timer: null,

    init() {
        if (this.pending()) {
            // What the answer itself works out is asked for at once.
            this.timer = setTimeout(() => this.look(), 'soon' in this.$root.dataset ? 0 : EVERY);
        }
    },

    destroy() {
        this.gone = true;
        clearTimeout(this.timer);
    },

    pending() {
        return this.$root.querySelector('[data-pending]') !== null;
    },

    async look() {
        const came = await follow(this.$root.dataset.url, { every: EVERY, wanted: () => !this.gone, take: (fresh) => this.take(fresh) });
        // No answer now may be one later.
        if (!came && !this.gone && this.pending()) {
            this.timer = setTimeout(() => this.look(), EVERY);
        }
    },

    take(fresh) {
        for (const part of this.$root.querySelectorAll('[data-live]')) {
            const there = fresh.getElementById(part.id);
            if (there && !part.contains(document.activeElement)) {
                part.replaceChildren(...there.childNodes);
            }
        }
        return this.pending();
    },
});
