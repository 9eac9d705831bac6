const STEPS = [1, 2, 5, 10, 20];
const MOST = 14;

/** Levels of a range in steps of 1, 2, 5, 10 or 20 of the unit shown, and freezing, rising, in °C. */
export function levels([low, high], unit) {
    const [from, to] = [(low - unit.offset) / unit.factor, (high - unit.offset) / unit.factor];
    const step = STEPS.find((s) => (to - from) / s <= MOST) ?? STEPS.at(-1);
    const found = [];
    for (let level = Math.ceil(from / step) * step; level <= to; level += step) {
        found.push(level * unit.factor + unit.offset);
    }
    if (low < 0 && high > 0 && !found.some((level) => Math.abs(level) < 1e-9)) {
        found.push(0);
    }
    return found.sort((a, b) => a - b);
}

/** The painted cells: calls back with their corners, anticlockwise, as [x, y, value]. */
function eachCell(sheet, values, call) {
    const columns = sheet.x.length;
    for (let j = 0; j + 1 < sheet.y.length; j++) {
        for (let i = 0; i + 1 < columns; i++) {
            const n = j * columns + i;
            const [a, b, c, d] = [values[n], values[n + 1], values[n + columns + 1], values[n + columns]];
            // One corner in the air is NaN, and so is the sum.
            if (!Number.isNaN(a + b + c + d)) {
                call(i, j, a, b, c, d);
            }
        }
    }
}

/** The line of one level as an SVG path: a piece in each cell that it passes. */
export function line(sheet, values, level) {
    let path = '';
    eachCell(sheet, values, (i, j, a, b, c, d) => {
        if (Math.min(a, b, c, d) > level || Math.max(a, b, c, d) <= level) {
            return;
        }
        const [x0, x1, y0, y1] = [sheet.x[i], sheet.x[i + 1], sheet.y[j], sheet.y[j + 1]];
        const cut = (p, q) => (level - p) / (q - p);
        const points = [];
        if (a > level !== b > level) points.push([x0 + cut(a, b) * (x1 - x0), y0]);
        if (b > level !== c > level) points.push([x1, y0 + cut(b, c) * (y1 - y0)]);
        if (c > level !== d > level) points.push([x0 + cut(d, c) * (x1 - x0), y1]);
        if (d > level !== a > level) points.push([x0, y0 + cut(a, d) * (y1 - y0)]);
        if (points.length === 4 && (a + b + c + d) / 4 > level === a > level) {
            points.push(points.shift());
        }
        for (let k = 0; k + 1 < points.length; k += 2) {
            path += `M${points[k][0].toFixed(1)} ${points[k][1].toFixed(1)}L${points[k + 1][0].toFixed(1)} ${points[k + 1][1].toFixed(1)}`;
        }
    });
    return path;
}

/** What lies between two levels as an SVG path to fill. */
export function band(sheet, values, low, high) {
    let path = '';
    let run = null;
    const flush = () => {
        if (run) {
            path += `M${run.x0} ${run.y0}H${run.x1}V${run.y1}H${run.x0}Z`;
            run = null;
        }
    };
    eachCell(sheet, values, (i, j, a, b, c, d) => {
        const [least, most] = [Math.min(a, b, c, d), Math.max(a, b, c, d)];
        const [x0, x1, y0, y1] = [sheet.x[i], sheet.x[i + 1], sheet.y[j], sheet.y[j + 1]];
        if (least >= low && most < high) {
            // Whole cells beside each other are one piece.
            if (run && run.x1 === x0 && run.y0 === y0) {
                run.x1 = x1;
            } else {
                flush();
                run = { x0, x1, y0, y1 };
            }
        } else if (most >= low && least < high) {
            const shape = above(
                above(
                    [
                        [x0, y0, a],
                        [x1, y0, b],
                        [x1, y1, c],
                        [x0, y1, d],
                    ],
                    low,
                    1,
                ),
                high,
                -1,
            );
            if (shape.length > 2) {
                path += `M${shape.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;
            }
        }
    });
    flush();
    return path;
}

/** The part of a polygon where the value is above a level (1) or below it (-1). */
function above(shape, level, way) {
    const kept = [];
    shape.forEach((corner, k) => {
        const next = shape[(k + 1) % shape.length];
        const [here, there] = [(corner[2] - level) * way >= 0, (next[2] - level) * way >= 0];
        if (here) {
            kept.push(corner);
        }
        if (here !== there) {
            const share = (level - corner[2]) / (next[2] - corner[2]);
            kept.push(corner.map((v, axis) => v + share * (next[axis] - v)));
        }
    });
    return kept;
}

/** Where the levels pass a straight line through the points given: [x, y, level], in their order. */
export function crossings(sheet, values, points, wanted) {
    const found = [];
    const at = points.map(([x, y]) => sheet.at(values, x, y));
    for (let k = 0; k + 1 < points.length; k++) {
        const [p, q] = [at[k], at[k + 1]];
        for (const level of wanted) {
            if (p > level !== q > level && !Number.isNaN(p + q)) {
                found.push([...points[k].map((from, axis) => from + ((level - p) / (q - p)) * (points[k + 1][axis] - from)), level]);
            }
        }
    }
    return found;
}
