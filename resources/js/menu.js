/** A menu goes away by Escape and by turning to something else. */
export default (menus) => {
    for (const menu of menus) {
        document.addEventListener('click', (event) => {
            if (!menu.contains(event.target)) {
                menu.open = false;
            }
        });
        menu.addEventListener('keydown', (event) => {
            if (event.key === 'Escape') {
                menu.open = false;
                menu.querySelector('summary').focus();
            }
        });
        menu.addEventListener('focusout', (event) => {
            if (event.relatedTarget && !menu.contains(event.relatedTarget)) {
                menu.open = false;
            }
        });
    }
};
