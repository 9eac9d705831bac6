import { commit } from './log.js';

const SVG = 'http://www.w3.org/2000/svg';

/** Lays a field over a dimension on the drawing; what is typed there goes to the log's own field. */
export function typeOver(size, field) {
    const sheet = size.closest('.bench-drawing');
    const [at, origin] = [size.getBoundingClientRect(), sheet.getBoundingClientRect()];
    const input = document.createElement('input');
    input.type = 'text';
    input.className = 'size-over';
    input.value = field.value;
    input.setAttribute('aria-label', field.labels[0].textContent);
    input.style.left = `${at.left + at.width / 2 - origin.left}px`;
    input.style.top = `${at.top + at.height / 2 - origin.top}px`;
    let open = true;
    const close = (keep) => {
        if (!open) {
            return;
        }
        open = false;
        const typed = input.value;
        input.remove();
        if (keep && typed !== field.value) {
            commit(field, typed);
        }
    };
    // It has no name and is not the form's: its change is told by the log's field alone.
    input.addEventListener('change', (event) => event.stopPropagation());
    input.addEventListener('blur', () => close(true));
    input.addEventListener('keydown', (event) => {
        event.stopPropagation();
        if (event.key === 'Enter' || event.key === 'Escape') {
            event.preventDefault();
            close(event.key === 'Enter');
            field.focus();
        }
    });
    sheet.append(input);
    input.select();
}

/** Drags the end of a board along its axis, from stop to stop. */
export function grab(event, handle, field) {
    event.preventDefault();
    const svg = handle.ownerSVGElement;
    const upright = handle.classList.contains('handle-y');
    const stops = JSON.parse(handle.dataset.stops);
    const box = handle.querySelector('rect');
    const side = upright ? 'y' : 'x';
    const start = Number(box.getAttribute(side)) + Number(box.getAttribute(upright ? 'height' : 'width')) / 2;
    const label = svg.appendChild(document.createElementNS(SVG, 'text'));
    label.setAttribute('class', 'handle-size');
    label.setAttribute('text-anchor', upright ? 'end' : 'middle');
    let chosen = null;

    const move = (moved) => {
        const point = new DOMPoint(moved.clientX, moved.clientY).matrixTransform(svg.getScreenCTM().inverse());
        chosen = stops.reduce((best, stop) => (Math.abs(stop[0] - point[side]) < Math.abs(best[0] - point[side]) ? stop : best));
        handle.setAttribute('transform', upright ? `translate(0 ${chosen[0] - start})` : `translate(${chosen[0] - start} 0)`);
        label.textContent = chosen[2] === '' ? chosen[1] : `${chosen[1]}, ${chosen[2]}`;
        label.setAttribute('x', upright ? Number(box.getAttribute('x')) - 6 : chosen[0]);
        label.setAttribute('y', upright ? chosen[0] + 4 : Number(box.getAttribute('y')) - 8);
    };
    const end = (how) => {
        stop.abort();
        label.remove();
        if (how.type === 'pointerup' && chosen) {
            commit(field, chosen[1]);
        } else {
            handle.removeAttribute('transform');
        }
    };
    const stop = new AbortController();
    window.addEventListener('pointermove', move, { signal: stop.signal });
    window.addEventListener('pointerup', end, { signal: stop.signal });
    window.addEventListener('pointercancel', end, { signal: stop.signal });
    window.addEventListener('keydown', (key) => key.key === 'Escape' && end(key), { signal: stop.signal });
}
