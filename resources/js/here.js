/** Moves the way through a job so that the page one is on is in view where it is wider than the screen. */
export default function showHere(way) {
    const here = way?.querySelector('[aria-current]');
    if (here && here.offsetLeft + here.offsetWidth > way.clientWidth) {
        way.scrollLeft = here.offsetLeft + here.offsetWidth - way.clientWidth + 24;
    }
}
