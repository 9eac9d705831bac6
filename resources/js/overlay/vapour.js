import { add, inSight } from './paint.js';

const WIDE = 330;
const HIGH = 176;
const PAD = { left: 46, right: 14, top: 44, foot: 34 };
/** A sheet is drawn at least so wide, px. */
const THINNEST = 7;

/** Vapour in the stacks of a section: pressure against saturation through the one that is picked. */
export default class Stacks {
    constructor(data, picked = 0) {
        Object.assign(this, data);
        this.picked = picked < data.stacks.length ? picked : 0;
    }

    list(select) {
        select.replaceChildren(
            ...this.stacks.map((stack, n) => {
                const option = new Option(`${stack.label}: ${stack.word}`, String(n), n === this.picked, n === this.picked);
                return option;
            }),
        );
    }

    pick(n) {
        this.picked = n;
    }

    get stack() {
        return this.stacks[this.picked];
    }

    /** Grams that lie in it at the end of that month. */
    held(month) {
        return Object.values(this.stack.held).reduce((sum, months) => sum + months[month], 0);
    }

    tell(month, sheet) {
        const grams = this.held(month);
        const most = Math.max(0, ...Array.from({ length: 12 }, (_, m) => this.held(m)));
        const water = sheet.written(grams / 1000, this.water);
        return most === 0 ? 'Nothing condenses in it all year.' : `${water} lies in it at the end of ${sheet.months[month]}`;
    }

    /** How far along the chart a depth lies: layers by their thickness, sheets widened so that they are seen. */
    scale(width) {
        const thick = this.stack.layers.map(([, mm]) => mm);
        const total = thick.reduce((a, b) => a + b, 0) || 1;
        const wide = thick.map((mm) => Math.max(THINNEST, (width * mm) / total));
        const fit = width / wide.reduce((a, b) => a + b, 0);
        const edges = [0];
        wide.forEach((w) => edges.push(edges.at(-1) + w * fit));
        const depths = [0];
        thick.forEach((mm) => depths.push(depths.at(-1) + mm));
        return { edges, depths };
    }

    /** Where each cut stands: those on a border at the layer's edge, those within between. */
    places(width) {
        const { edges, depths } = this.scale(width);
        let layer = 0;
        return this.stack.depths.map((mm, n) => {
            while (layer < depths.length - 2 && mm > depths[layer + 1] + 0.05) {
                layer++;
            }
            const [from, to] = [depths[layer], depths[layer + 1]];
            const x = to > from ? edges[layer] + ((mm - from) / (to - from)) * (edges[layer + 1] - edges[layer]) : edges[layer + 1];
            // A sheet without thickness ends where the next layer begins: two cuts at one depth stand at its two faces.
            if (n > 0 && Math.abs(mm - this.stack.depths[n - 1]) < 0.05 && layer < depths.length - 2) {
                layer++;
                return edges[layer];
            }
            return x;
        });
    }

    draw(svg, group, month, sheet) {
        const { stack } = this;
        // Over all else: it is read by itself.
        svg.append(group);
        const [[x0, y0], [x1, y1]] = stack.line;
        const sight = inSight(svg);
        // The middle of a wide floor is out of sight: it is shown where the floor begins to be.
        const shift = Math.max(0, sight.left + 20 - Math.max(x0, x1));
        add(group, 'path', { d: `M${x0 + shift} ${y0}L${x1 + shift} ${y1}`, class: 'stack-line' });
        add(group, 'circle', { cx: x0 + shift, cy: y0, r: 5, class: 'stack-end' });
        const left = Math.max(sight.left, Math.min(sight.right - WIDE, sight.right - WIDE - 4));
        const top = sight.foot - HIGH - 6;
        add(group, 'rect', { x: left, y: top, width: WIDE, height: HIGH, class: 'vapour-plate' });
        add(group, 'text', { x: left + 10, y: top + 18, class: 'vapour-head' }, `${stack.label}, ${sheet.months[month]}`);
        const width = WIDE - PAD.left - PAD.right;
        const height = HIGH - PAD.top - PAD.foot;
        const { edges } = this.scale(width);
        const [full, now] = [stack.saturation[month], stack.now[month]];
        const most = Math.max(...full, ...now) * 1.05;
        const X = (x) => left + PAD.left + x;
        const Y = (p) => top + PAD.top + height * (1 - p / most);
        stack.layers.forEach((_, n) =>
            add(group, 'rect', {
                x: X(edges[n]),
                y: top + PAD.top,
                width: edges[n + 1] - edges[n],
                height,
                class: n % 2 ? 'vapour-layer-odd' : 'vapour-layer',
            }),
        );
        const at = this.places(width);
        const path = (values) => values.map((p, n) => `${n === 0 ? 'M' : 'L'}${X(at[n]).toFixed(1)} ${Y(p).toFixed(1)}`).join('');
        add(group, 'path', { d: path(full), class: 'vapour-full' });
        add(group, 'path', { d: path(now), class: 'vapour-now' });
        for (const [cut, months] of Object.entries(stack.held)) {
            if (months[month] > 0) {
                add(group, 'circle', { cx: X(at[cut]), cy: Y(now[cut]), r: 5.5, class: 'vapour-wet' });
            }
        }
        const number = (p) => sheet.number(p / this.pressure.factor, this.pressure.decimals);
        add(group, 'text', { x: X(-4), y: Y(most / 1.05) + 10, 'text-anchor': 'end', class: 'vapour-text' }, number(most / 1.05));
        add(group, 'text', { x: X(-4), y: Y(0), 'text-anchor': 'end', class: 'vapour-text' }, `0 ${this.pressure.symbol}`);
        add(group, 'text', { x: X(0), y: top + HIGH - 18, class: 'vapour-text' }, 'room');
        add(group, 'text', { x: X(width), y: top + HIGH - 18, 'text-anchor': 'end', class: 'vapour-text' }, stack.beyond);
        add(group, 'text', { x: left + 10, y: top + HIGH - 4, class: 'vapour-text' }, 'dashed: saturated; dots: water');
        add(group, 'text', { x: left + 10, y: top + 35, class: 'vapour-text' }, this.tell(month, sheet));
    }
}
