const SVG = 'http://www.w3.org/2000/svg';
/** What a drawn line is rounded to: 50 mm, or 2 in. */
const STEP = { mm: 50, in: 2 };
const PER_METRE = { mm: 1000, in: 1 / 0.0254 };

/** The line of rock on the site's section: drawn with the pointer, and following what is typed. */
export default () => {
    let line = null;
    let drawing = false;

    return {
        init() {
            const svg = this.$root.querySelector('svg');
            line = svg.appendChild(document.createElementNS(SVG, 'path'));
            line.setAttribute('class', 'ledge-line');
            const typed = this.field();
            this.show(parseFloat(this.$root.dataset.now));
            typed.addEventListener('input', () =>
                this.show(parseFloat(typed.value.replace(',', '.')) / PER_METRE[this.$root.dataset.unit]),
            );
        },

        field() {
            return document.getElementById('site-frost-ledge_m');
        },

        /** @param {number} depth m below the ground outside; NaN where there is none */
        show(depth) {
            const box = this.$root.querySelector('svg').viewBox.baseVal;
            const y = Number(this.$root.dataset.grade) + depth * Number(this.$root.dataset.scale);
            line.setAttribute('d', depth > 0 ? `M${box.x} ${y}H${box.x + box.width}` : '');
        },

        begin(event) {
            if (!this.field().disabled && !this.field().closest('fieldset').disabled) {
                drawing = true;
                this.$root.setPointerCapture(event.pointerId);
                this.drag(event);
            }
        },

        drag(event) {
            if (!drawing) {
                return;
            }
            const svg = this.$root.querySelector('svg');
            const y = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse()).y;
            const unit = this.$root.dataset.unit;
            const depth = (y - Number(this.$root.dataset.grade)) / Number(this.$root.dataset.scale);
            const written = Math.max(0, Math.round((depth * PER_METRE[unit]) / STEP[unit]) * STEP[unit]);
            this.field().value = written > 0 ? `${written} ${unit}` : '';
            this.show(written / PER_METRE[unit]);
        },

        drop() {
            if (drawing) {
                drawing = false;
                this.field().dispatchEvent(new Event('change', { bubbles: true }));
            }
        },
    };
};
