const INK = '#20282a';
const SLATE = '#4c5a5e';
const CLAY = '#8c4a24';
const OCHRE = '#8a5a00';
const MOSS = '#4b6a57';
const WATER = '#1d6a78';
const LINE = '#b9b09c';
const DASH = [6, 4];

/** Ticks stand so far apart, h: parts of a day, days, weeks, months. */
const STEPS = [1, 3, 6, 12, 24, 48, 120, 240, 480, 730, 1460];

/** Lines that are nothing all along say nothing. */
const some = (values) => values.some((v) => Math.abs(v) > 1e-6);

const line = (label, values, stroke, more = {}) => ({ label, values, stroke, width: 1.6, points: { show: false }, ...more });

/** Depths that are drawn beside the face: half-way into the uppermost layer, and the foot of all that was laid. */
function depths(run) {
    const upper = run.parts.lastIndexOf(run.parts[0]);
    const foot = run.parts.includes('ground') ? run.parts.indexOf('ground') - 1 : run.parts.length - 1;
    return [Math.floor(upper / 2), foot];
}

/** Which lines stand in which plot: those of the run that is asked about, of the one it is held against, of the other floor. */
export function lines([own, against], other) {
    const warm = [
        line('outside', own.outside, SLATE, { width: 1 }),
        line('rooms', own.room, INK, { width: 2.4 }),
        line('floor’s face', own.surface, CLAY),
    ];
    if (own.cells) {
        const [middle, foot] = depths(own);
        warm.push(
            line(
                `${own.depths[middle]} down`,
                own.cells.map((cells) => cells[middle]),
                OCHRE,
            ),
        );
        warm.push(
            line(
                `${own.depths[foot]} down`,
                own.cells.map((cells) => cells[foot]),
                MOSS,
                { width: 1 },
            ),
        );
    }
    const flow = [
        line('heating', own.heat, CLAY),
        line('sun', own.sun, OCHRE),
        line('surplus', own.surplus, MOSS),
        line('floor to rooms', own.to_room, WATER),
    ].filter((l) => some(l.values));
    const store = [line('floor', own.store, CLAY, { fill: 'rgba(140, 74, 36, .16)' })];
    if (against) {
        warm.push(line(`rooms, ${against.label}`, against.room, INK, { dash: DASH }));
        if (some(against.heat)) {
            flow.push(line(`heating, ${against.label}`, against.heat, CLAY, { dash: DASH }));
        }
        store.push(line(against.label, against.store, SLATE, { dash: DASH }));
    }
    if (other) {
        const [theirs] = other.runs;
        warm.push(line(`rooms, ${other.name}`, theirs.room, WATER, { dash: [2, 3], width: 2.2 }));
        if (some(theirs.heat)) {
            flow.push(line(`heating, ${other.name}`, theirs.heat, WATER, { dash: [2, 3] }));
        }
        store.push(line(other.name, theirs.store, WATER, { dash: [2, 3], width: 2.2 }));
    }
    return { warm, flow, store };
}

/** A plot of lines over hours or days; all of a page share one cursor. */
export function plot(Plot, element, hours, set, unit, when, moved) {
    const axis = {
        stroke: SLATE,
        grid: { stroke: '#e4dccb', width: 1 },
        ticks: { stroke: LINE, width: 1 },
        font: '13px "Barlow Semi Condensed"',
        labelFont: '13px "Barlow Semi Condensed"',
    };
    const round = (v) => (v === null || v === undefined ? '–' : `${v.toFixed(1)} ${unit}`);

    return new Plot(
        {
            width: element.clientWidth,
            height: 118,
            cursor: { sync: { key: 'mass' }, drag: { x: false, y: false }, y: false, points: { size: 7 } },
            scales: { x: { time: false } },
            hooks: { setCursor: [(u) => moved(u.cursor.idx)] },
            axes: [
                { ...axis, size: 30, space: 46, incrs: STEPS, values: (u, ticks) => ticks.map((t) => when(t, true)) },
                { ...axis, size: 46, space: 26 },
            ],
            series: [
                { label: 'at', value: (u, v) => (v === null || v === undefined ? '–' : when(v, false)) },
                ...set.map((one) => ({ ...one, values: undefined, value: (u, v) => round(v) })),
            ],
        },
        [hours, ...set.map(({ values }) => values)],
        element,
    );
}
