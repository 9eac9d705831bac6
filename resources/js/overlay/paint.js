import { band, crossings, levels, line } from './contours.js';

const SVG = 'http://www.w3.org/2000/svg';
const LABELS_HIGH = 17;
const LABELS_WIDE = 40;
const INSET = 16;
const LONGEST = 24;
const NICE = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200];

export function add(group, name, attributes, text = '') {
    const element = group.appendChild(document.createElementNS(SVG, name));
    for (const [key, value] of Object.entries(attributes)) {
        element.setAttribute(key, value);
    }
    element.textContent = text;
    return element;
}

/** The part of the drawing that is in sight, in its pixels: narrow windows crop its sides, and the day lies over its foot. */
export function inSight(svg) {
    const box = svg.getBoundingClientRect();
    const day = document.querySelector('.overlay-day')?.getBoundingClientRect();
    const foot = day && day.height > 0 ? Math.min(box.bottom, day.top) : box.bottom;
    const back = svg.getScreenCTM().inverse();
    const [a, b] = [new DOMPoint(box.left, box.top).matrixTransform(back), new DOMPoint(box.right, foot).matrixTransform(back)];
    return { left: a.x + INSET, right: b.x - INSET, foot: b.y - INSET };
}

/** Labels where the lines leave what is in sight: at its left, its right and its foot, none on another. */
function labels(svg, group, sheet, values, all) {
    const unit = sheet.temperature;
    const { left: edge, right, foot } = inSight(svg);
    // In a narrow floor the field begins at its middle.
    const left = Math.max(edge, sheet.x[0] + INSET);
    const along = sheet.x.filter((x) => x > left && x < right);
    const placed = [];
    for (const [points, anchor] of [
        [sheet.y.map((y) => [left, y]), 'start'],
        [sheet.y.map((y) => [right, y]), 'end'],
        [[left, ...along, right].map((x) => [x, foot]), 'middle'],
    ]) {
        // Where there is room for one label only, it is that of freezing.
        for (const [x, y, level] of crossings(sheet, values, points, all).sort(([, , a], [, , b]) => freezing(b) - freezing(a))) {
            if (y <= foot && placed.every(([u, v]) => Math.abs(u - x) > LABELS_WIDE || Math.abs(v - y) > LABELS_HIGH)) {
                placed.push([x, y]);
                add(
                    group,
                    'text',
                    { x, y: y + 4, 'text-anchor': anchor, class: freezing(level) ? 'isotherm-label frost' : 'isotherm-label' },
                    `${sheet.number((level - unit.offset) / unit.factor, 0)}°`,
                );
            }
        }
    }
}

const freezing = (level) => Math.abs(level) < 1e-9;

/** Temperatures as bands of one hue with lines between them; below freezing in another, its line in a style of its own. */
export function temperatures(svg, group, sheet, day) {
    const values = sheet.onDay(day);
    const unit = sheet.temperature;
    const all = levels(sheet.range(), unit);
    const edges = [-Infinity, ...all, Infinity];
    for (let k = 0; k + 1 < edges.length; k++) {
        const cold = edges[k + 1] <= 1e-9;
        const path = band(sheet, values, edges[k], edges[k + 1]);
        if (path) {
            add(group, 'path', {
                d: path,
                class: cold ? 'band-frozen' : 'band',
                'fill-opacity': (cold ? 0.16 : 0.03 + (0.5 * k) / edges.length).toFixed(3),
            });
        }
    }
    for (const level of all) {
        add(group, 'path', { d: line(sheet, values, level), class: freezing(level) ? 'isotherm frost' : 'isotherm' });
    }
    labels(svg, group, sheet, values, all);
}

/** Where a narrow floor's middle is in sight, the field ends: half of it is solved, the other half is the same. */
export function middle(svg, group, sheet) {
    const [x, foot] = [sheet.x[0], sheet.y[0]];
    if (x > inSight(svg).left) {
        add(group, 'path', { d: `M${x} ${Math.max(0, sheet.y.at(-1))}V${foot}`, class: 'middle' });
        add(group, 'text', { x: x - 6, y: inSight(svg).foot, 'text-anchor': 'end', class: 'middle-label' }, 'middle of the floor');
    }
}

/** How much a needle of full length stands for, W/m²: the same all the year. */
export function fullNeedle(sheet) {
    const sizes = sheet.needles
        .map(([, , a, b, c, d, e, f]) => Math.hypot(Math.abs(a) + Math.hypot(b, c), Math.abs(d) + Math.hypot(e, f)) / 100)
        .sort((p, q) => p - q);
    const most = sizes[Math.floor(0.9 * sizes.length)] ?? 1;
    return NICE.find((n) => n * sheet.flux.factor >= most) * sheet.flux.factor || most;
}

/** Heat flow as needles that point where it goes, their length its size; those that would be longer are drawn heavy. */
export function flows(group, sheet, day) {
    const full = fullNeedle(sheet);
    const paths = { needle: '', 'needle needle-heavy': '' };
    for (const [x, y, right, down] of sheet.flows(day)) {
        const size = Math.hypot(right, down);
        const length = (LONGEST * Math.min(size, full)) / full;
        if (length < 1) {
            continue;
        }
        const [u, v] = [right / size, down / size];
        const [tipX, tipY] = [x + (u * length) / 2, y + (v * length) / 2];
        const head = Math.min(5, 0.45 * length);
        paths[size > full ? 'needle needle-heavy' : 'needle'] +=
            `M${(x - (u * length) / 2).toFixed(1)} ${(y - (v * length) / 2).toFixed(1)}L${tipX.toFixed(1)} ${tipY.toFixed(1)}` +
            `M${(tipX - head * (u + 0.6 * v)).toFixed(1)} ${(tipY - head * (v - 0.6 * u)).toFixed(1)}` +
            `L${tipX.toFixed(1)} ${tipY.toFixed(1)}` +
            `L${(tipX - head * (u - 0.6 * v)).toFixed(1)} ${(tipY - head * (v + 0.6 * u)).toFixed(1)}`;
    }
    for (const [name, d] of Object.entries(paths)) {
        add(group, 'path', { d, class: name });
    }
}

/** A fresh layer over the parts and under the numbers. */
export function layer(svg) {
    svg.querySelector('.overlay')?.remove();
    const group = document.createElementNS(SVG, 'g');
    group.setAttribute('class', 'overlay');
    svg.insertBefore(group, svg.querySelector('.datum') ?? null);
    return group;
}

/** The frozen ground of that day of the design winter, and the line under the bearing that it must not pass. */
export function frozen(group, film, day) {
    const over = add(group, 'g', { transform: `matrix(${film.matrix.join(' ')})` });
    for (const zone of film.days?.[day]?.zones ?? []) {
        const points = [];
        for (let k = 0; k < zone.length; k += 2) {
            points.push(`${zone[k]} ${zone[k + 1]}`);
        }
        add(over, 'path', { d: `M${points.join('L')}Z`, class: 'ice' });
    }
    const [x0, x1, y] = film.bearing;
    add(over, 'path', { d: `M${x0} ${y}H${x1}M${x0} ${y + 40}V${y - 40}M${x1} ${y + 40}V${y - 40}`, class: 'thaw-line' });
}
