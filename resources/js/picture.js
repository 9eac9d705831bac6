/** A number as it is typed in the unit that the picture shows, with or without that unit. */
const TYPED = /^\s*([+−-]?\d+(?:[.,]\d+)?)\s*(\S*)\s*$/;

/**
 * The site's picture: bars and lines that are dragged to another value, and that follow what is typed. Each plot says where the
 * 0 of its unit stands and how many pixels one of it is; the server draws all else anew once it is saved.
 */
export default () => {
    let grip = null;

    const field = (of) => document.getElementById(of);
    const plot = (element) => element.closest('svg[data-zero]');
    const at = (svg, event) => event.clientY - svg.getBoundingClientRect().top;

    return {
        begin(event) {
            const taken = event.target.closest?.('[data-drag]');
            if (!taken || field(taken.dataset.drag)?.matches(':disabled') !== false) {
                return;
            }
            event.preventDefault();
            grip = taken;
            this.$root.setPointerCapture(event.pointerId);
        },

        drag(event) {
            if (!grip) {
                return;
            }
            const svg = plot(grip);
            const to = field(grip.dataset.drag);
            const y = at(svg, event);
            if (grip.dataset.turn) {
                to.value = y < Number(grip.dataset.turn) ? grip.dataset.above : grip.dataset.below;
                return;
            }
            const { zero, per, step, unit, least, foot } = svg.dataset;
            const value = Math.round((y - Number(zero)) / Number(per) / Number(step)) * Number(step);
            if (foot && y > Number(foot)) {
                // Below the column: it is not there.
                to.value = '';
                return;
            }
            to.value = `${least ? Math.max(Number(least), value) : value} ${unit}`;
            this.show(to);
        },

        drop() {
            const to = grip && field(grip.dataset.drag);
            grip = null;
            to?.dispatchEvent(new Event('change', { bubbles: true }));
        },

        follow(event) {
            this.show(event.target);
        },

        /** What stands for a field goes where its value is; what cannot be read so waits for the server. */
        show(input) {
            const typed = TYPED.exec(input.value ?? '');
            for (const shape of this.$root.querySelectorAll(`[data-of="${CSS.escape(input.id ?? '')}"]`)) {
                const svg = plot(shape);
                if (!typed || (typed[2] !== '' && typed[2] !== svg.dataset.unit)) {
                    continue;
                }
                const value = Number(typed[1].replace(',', '.').replace('−', '-'));
                const y = Number(svg.dataset.zero) + value * Number(svg.dataset.per);
                if (shape.tagName === 'rect') {
                    const base = Number(svg.dataset.base);
                    shape.setAttribute('y', Math.min(y, base));
                    shape.setAttribute('height', Math.max(1.5, Math.abs(y - base)));
                    shape.classList.toggle('bar-below', y > base);
                } else {
                    shape.setAttribute('transform', `translate(0 ${y})`);
                }
            }
        },

        /** What figures of a climate come to is told and drawn before they are taken. */
        async foresee(event) {
            const form = event.target.form;
            const said = form?.id.startsWith('known-') && document.getElementById(form.id.replace('known-', 'said-'));
            if (!said) {
                return;
            }
            const of = new URLSearchParams(new FormData(form));
            const headers = { Accept: 'application/json' };
            const answer = await fetch(`${this.$root.dataset.implied}?${of}`, { headers }).catch(() => null);
            const told = answer?.ok ? await answer.json() : { said: '', path: '' };
            said.textContent = told.said;
            document.getElementById('year-implied').setAttribute('d', told.path);
        },

        /** A weather file that is dropped on the picture is taken in. */
        over(event) {
            event.preventDefault();
            this.$root.classList.add('site-picture-over');
        },

        away() {
            this.$root.classList.remove('site-picture-over');
        },

        fall(event) {
            event.preventDefault();
            this.away();
            const files = event.dataTransfer?.files;
            const to = field('climate-file');
            if (files?.length && to) {
                to.files = files;
                to.form.requestSubmit();
            }
        },
    };
};
