/** A link to something in a folded card opens the card and goes there. */
export default function openCards() {
    const open = () => {
        const target = location.hash.length > 1 && document.getElementById(decodeURIComponent(location.hash.slice(1)));
        const card = target && (target.matches('details') ? target : target.closest('details.card'));
        if (!card) {
            return;
        }
        card.open = true;
        target.scrollIntoView({ block: 'center' });
        if (target.matches('input, select')) {
            target.focus();
        }
    };
    window.addEventListener('hashchange', open);
    // The same link may be pressed twice.
    document.addEventListener('click', (event) => {
        const link = event.target.closest?.('a[href^="#"]');
        if (link && link.getAttribute('href') === location.hash) {
            open();
        }
    });
    open();
}
