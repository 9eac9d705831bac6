/** How long after the last arrow key a mark that was moved is sent, ms. */
const PAUSE = 700;

/** On the drawing a line is caught from so many stops away. */
const CATCH = 2;

/** The drawing places a mark no closer than that, m: one that stands at a stop is drawn beside it. */
const DRAWN = 0.003;

const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

/**
 * Corners and items of a drawing are moved by pointer or by arrow keys, from stop to stop, and to where others stand in line;
 * dropped, or left alone for a moment, they are typed into their fields and sent: one change, however far they went.
 */
export default function grips(live) {
    const { root } = live;
    const field = (name) => root.querySelector(`input[data-grip="${CSS.escape(name)}"]`);
    const fields = (grip) => ['x', 'y'].map((axis) => field(`${grip.dataset.grip}|${axis}`));
    const metres = (value) => `${value.toFixed(4)} m`;

    /** A place in m, at a stop or in line with another mark. */
    const stopped = (grip, x, y) => {
        const { left, top, px, stop } = root.dataset;
        const step = Number(stop);
        const others = [...root.querySelectorAll('svg [data-grip]')].filter((one) => one.dataset.grip !== grip.dataset.grip);
        const to = (value, at) => {
            const near = others.map(at).filter((other) => Math.abs(other - value) <= CATCH * step);
            near.sort((a, b) => Math.abs(a - value) - Math.abs(b - value));
            const caught = near[0] ?? value;
            const round = Math.round(caught / step) * step;
            return near.length === 0 || Math.abs(round - caught) < DRAWN ? round : caught;
        };
        return [
            to(x, (one) => Number(left) + Number(one.getAttribute('cx')) / Number(px)),
            to(y, (one) => Number(top) - Number(one.getAttribute('cy')) / Number(px)),
        ];
    };

    const place = (grip, [x, y]) => {
        const { left, top, px } = root.dataset;
        grip.setAttribute('cx', (x - Number(left)) * Number(px));
        grip.setAttribute('cy', (Number(top) - y) * Number(px));
    };

    const send = (grip, [x, y]) => {
        const [along, across] = fields(grip);
        along.value = metres(x);
        across.value = metres(y);
        live.send(along.form);
    };

    root.addEventListener('pointerdown', (event) => {
        const grip = event.target.closest('[data-grip]');
        if (!grip || grip.tagName === 'INPUT') {
            return;
        }
        const [x, y] = fields(grip);
        if (!x || !y || x.matches(':disabled')) {
            return;
        }
        event.preventDefault();
        grip.focus();
        const svg = grip.ownerSVGElement;
        const { left, top, px } = root.dataset;
        const at = (e) => {
            const point = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM().inverse());
            return stopped(grip, Number(left) + point.x / Number(px), Number(top) - point.y / Number(px));
        };
        const move = (e) => place(grip, at(e));
        const drop = (e) => {
            svg.removeEventListener('pointermove', move);
            svg.removeEventListener('pointerup', drop);
            // A press without a move picks it and changes nothing.
            if (Math.hypot(e.clientX - event.clientX, e.clientY - event.clientY) > 3) {
                send(grip, at(e));
            }
        };
        svg.setPointerCapture?.(event.pointerId);
        svg.addEventListener('pointermove', move);
        svg.addEventListener('pointerup', drop);
    });

    let waits = null;
    root.addEventListener('keydown', (event) => {
        const grip = event.target.closest?.('svg [data-grip]');
        const [x] = grip ? fields(grip) : [];
        if (!x || x.matches(':disabled') || !ARROWS[event.key]) {
            return;
        }
        event.preventDefault();
        const { left, top, px, stop } = root.dataset;
        const [dx, dy] = ARROWS[event.key].map((way) => way * Number(stop));
        const to = [
            Number(left) + Number(grip.getAttribute('cx')) / Number(px) + dx,
            Number(top) - Number(grip.getAttribute('cy')) / Number(px) + dy,
        ].map((value) => Math.round(value / Number(stop)) * Number(stop));
        place(grip, to);
        clearTimeout(waits);
        waits = setTimeout(() => send(grip, to), PAUSE);
    });

    // A mark that is pressed opens its row in the list.
    root.addEventListener('focusin', (event) => {
        const id = event.target.closest?.('svg [data-grip^="item:"]')?.dataset.grip.split(':')[1];
        const row = id && document.getElementById(`item-${id}`);
        if (row) {
            row.open = true;
            row.scrollIntoView({ block: 'nearest' });
        }
    });
}
