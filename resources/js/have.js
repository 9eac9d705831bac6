/** Which pieces of a page are shown, as the server wrote them: name and fingerprint of each. */
export default (root) => [...root.querySelectorAll('[data-print]')].map((unit) => `${unit.dataset.unit}:${unit.dataset.print}`).join(' ');
