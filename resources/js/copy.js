/** A button that copies what stands in a field, and says that it has. */
export default () => {
    for (const button of document.querySelectorAll('[data-copy]')) {
        button.addEventListener('click', async () => {
            const field = document.getElementById(button.dataset.copy);
            field.select();
            try {
                await navigator.clipboard.writeText(field.value);
                button.textContent = 'Copied';
            } catch {
                button.textContent = 'Selected: copy it by Ctrl C';
            }
        });
    }
};
