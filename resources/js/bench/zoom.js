/** Closest, as a share of what the drawing shows by itself. */
const CLOSEST = 0.15;

/** Two fingers, or the wheel with Ctrl, look closer at the drawing; two taps or a double click show all of it again. */
export default class Zoom {
    constructor(sheet) {
        this.sheet = sheet;
        this.box = null;
        this.touches = null;
        const active = { passive: false };
        sheet.addEventListener('touchstart', (event) => this.begin(event), active);
        sheet.addEventListener('touchmove', (event) => this.move(event), active);
        sheet.addEventListener('touchend', () => (this.touches = null));
        sheet.addEventListener('wheel', (event) => this.wheel(event), active);
        sheet.addEventListener('dblclick', (event) => event.target.closest('text, .handle') ?? this.reset());
    }

    get svg() {
        return this.sheet.querySelector('.section-drawing');
    }

    /** All of it, as the server drew it. */
    whole() {
        const svg = this.svg;
        svg.dataset.whole ??= svg.getAttribute('viewBox');
        return svg.dataset.whole.split(' ').map(Number);
    }

    /** A drawing that was drawn anew keeps what was looked at closely. */
    again() {
        if (this.box) {
            this.whole();
            this.svg.setAttribute('viewBox', this.box.join(' '));
        }
    }

    reset() {
        this.svg.setAttribute('viewBox', this.whole().join(' '));
        this.box = null;
    }

    begin(event) {
        if (event.touches.length === 2) {
            event.preventDefault();
            this.touches = { at: this.middle(event), apart: this.apart(event), box: this.box ?? this.whole() };
        }
    }

    move(event) {
        if (!this.touches || event.touches.length !== 2) {
            return;
        }
        event.preventDefault();
        const { at, apart, box } = this.touches;
        this.show(box, at, this.middle(event), apart / this.apart(event));
    }

    wheel(event) {
        if (event.ctrlKey) {
            event.preventDefault();
            const here = [event.clientX, event.clientY];
            this.show(this.box ?? this.whole(), here, here, Math.exp(event.deltaY / 300));
        }
    }

    /** What lay under `from` comes to lie under `to`, `by` times as much of the drawing in sight. */
    show(box, from, to, by) {
        const whole = this.whole();
        const share = Math.min(1, Math.max(CLOSEST, (by * box[2]) / whole[2]));
        if (share === 1) {
            this.reset();
            return;
        }
        const frame = this.svg.getBoundingClientRect();
        // Pixels of the drawing in one of the screen, as it is fitted into its frame.
        const per = (b) => Math.max(b[2] / frame.width, b[3] / frame.height);
        const [wide, high] = [whole[2] * share, whole[3] * share];
        const next = [0, 0, wide, high];
        const place = (b, [x, y]) => [
            b[0] + b[2] / 2 + (x - frame.left - frame.width / 2) * per(b),
            b[1] + b[3] / 2 + (y - frame.top - frame.height / 2) * per(b),
        ];
        const [x, y] = place(box, from);
        const [u, v] = place(next, to);
        this.box = [x - u, y - v, wide, high];
        this.svg.setAttribute('viewBox', this.box.map((n) => n.toFixed(1)).join(' '));
    }

    middle({ touches: [a, b] }) {
        return [(a.clientX + b.clientX) / 2, (a.clientY + b.clientY) / 2];
    }

    apart({ touches: [a, b] }) {
        return Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY);
    }
}
