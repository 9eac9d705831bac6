import { add } from '../overlay/paint.js';

/** Room for the layers' names and temperatures, and the height of it all, px. */
const HIGH = 126;
const NAMES = 110;
const SHOWN = 72;
const NARROWEST = 280;

/** From pale to clay. */
const COLD = [247, 242, 230];
const WARM = [140, 74, 36];

const mix = (share) => `rgb(${COLD.map((c, i) => Math.round(c + (WARM[i] - c) * Math.min(1, Math.max(0, share)))).join()})`;

/** The floor cut through, as warm as it is at one hour; to its own depth, the ground cut off where it has half a metre. */
export default class Strip {
    constructor(root, run, degrees) {
        this.run = run;
        this.degrees = degrees;
        const all = run.cells.flat();
        this.low = Math.min(...all.filter((t) => Number.isFinite(t)));
        this.high = Math.max(...all);
        root.replaceChildren();
        // Drawn as wide as it is shown, so that its words keep their size.
        this.wide = Math.max(NARROWEST, root.clientWidth - 2);
        const svg = add(root, 'svg', {
            viewBox: `0 0 ${this.wide} ${HIGH}`,
            role: 'img',
            'aria-label': 'The floor cut through, as warm as it is at that hour',
        });
        const deep = run.sizes.reduce((sum, size) => sum + size, 0);
        let y = 0;
        this.cells = run.sizes.map((size) => {
            const cell = add(svg, 'rect', { x: NAMES, y, width: this.wide - NAMES - SHOWN, height: (size / deep) * HIGH + 0.4 });
            y += (size / deep) * HIGH;
            return cell;
        });
        this.labels = [];
        this.name(svg, deep);
        this.pipes(svg, deep);
    }

    /** Names of layers at their middle, where they are thick enough to be read, and their temperature beside them. */
    name(svg, deep) {
        const { parts, sizes } = this.run;
        let from = 0;
        let y = 0;
        let free = 0;
        for (let i = 1; i <= parts.length; i++) {
            if (i < parts.length && parts[i] === parts[from]) {
                continue;
            }
            const high = (sizes.slice(from, i).reduce((sum, size) => sum + size, 0) / deep) * HIGH;
            if (from > 0) {
                add(svg, 'path', { class: 'mass-border', d: `M${NAMES} ${y}H${this.wide - SHOWN}` });
            }
            const at = Math.max(free + 12, y + high / 2 + 4);
            if (at < HIGH) {
                add(svg, 'text', { x: NAMES - 8, y: at, 'text-anchor': 'end' }, parts[from]);
                this.labels.push([add(svg, 'text', { x: this.wide - SHOWN + 8, y: at }, ''), Math.floor((from + i - 1) / 2)]);
                free = at;
            }
            y += high;
            from = i;
        }
        add(svg, 'rect', { class: 'mass-border', x: NAMES, y: 0.5, width: this.wide - NAMES - SHOWN, height: HIGH - 1 });
    }

    /** To the scale of the drawing, as far as that can be seen. */
    pipes(svg, deep) {
        const { source, spacing } = this.run;
        const scale = HIGH / deep;
        for (let x = NAMES + (spacing * scale) / 2; source !== null && x < this.wide - SHOWN; x += spacing * scale) {
            add(svg, 'circle', { class: 'mass-pipe', cx: x, cy: source * scale, r: 2.5 });
        }
    }

    show(hour) {
        const now = this.run.cells[hour];
        if (!now) {
            return;
        }
        const span = Math.max(0.5, this.high - this.low);
        this.cells.forEach((cell, i) => cell.setAttribute('fill', mix((now[i] - this.low) / span)));
        for (const [label, cell] of this.labels) {
            label.textContent = `${now[cell].toFixed(1)} ${this.degrees}`;
        }
    }
}
