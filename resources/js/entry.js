const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

/** A ULID of this device: the moment, then chance. */
const ulid = () => {
    let time = Date.now();
    let head = '';
    for (let i = 0; i < 10; i += 1) {
        head = LETTERS[time % 32] + head;
        time = Math.floor(time / 32);
    }
    return head + [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => LETTERS[byte % 32]).join('');
};

/** This device's moment with its offset, as 2026-03-04T07:10:00+01:00. */
const moment = () => {
    const now = new Date();
    const two = (value) => String(Math.floor(Math.abs(value))).padStart(2, '0');
    const offset = -now.getTimezoneOffset();
    const local = new Date(now.getTime() + 60_000 * offset).toISOString().slice(0, 19);
    return `${local}${offset < 0 ? '-' : '+'}${two(offset / 60)}:${two(offset % 60)}`;
};

/** Entries of the log are named, timed and counted where they are made; a second try of a sending bears the same name. */
export default () => {
    for (const form of document.querySelectorAll('form[data-entry]')) {
        const hidden = (name, value) => {
            const field = form.querySelector(`input[name=${name}]`) ?? form.appendChild(document.createElement('input'));
            Object.assign(field, { type: 'hidden', name, value });
        };
        hidden('id', ulid());
        form.addEventListener(
            'submit',
            () => {
                const count = Number(localStorage.getItem('entries') ?? 0) + 1;
                localStorage.setItem('entries', String(count));
                hidden('at', moment());
                hidden('counter', String(count));
            },
            { capture: true },
        );
    }
    if (location.hash.length > 1) {
        const hold = document.getElementById(location.hash.slice(1));
        if (hold instanceof HTMLDetailsElement) {
            hold.open = true;
        }
    }
};
