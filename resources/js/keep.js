import renewToken from './token.js';

const WORDS = {
    'signed-out': 'Not sent: you are signed out. Sign in again in another tab, then send this once more. What you typed is still here.',
    unreachable: 'Not sent: no connection. What you typed is still here; send it again when the connection is back.',
};

/** Forms with much typed into them are only let go when there is somebody to take them. */
export default () => {
    for (const form of document.querySelectorAll('form[data-keep]')) {
        form.addEventListener('submit', async (event) => {
            event.preventDefault();
            const by = event.submitter;
            const state = await renewToken(form);
            if (state === 'fresh') {
                if (by?.name) {
                    form.append(Object.assign(document.createElement('input'), { type: 'hidden', name: by.name, value: by.value }));
                }
                form.submit();
                return;
            }
            const words =
                form.querySelector('.not-sent') ??
                form.insertBefore(Object.assign(document.createElement('p'), { className: 'not-sent wrong' }), form.firstChild);
            words.setAttribute('role', 'alert');
            words.textContent = WORDS[state];
            words.scrollIntoView({ block: 'nearest' });
        });
    }
};
