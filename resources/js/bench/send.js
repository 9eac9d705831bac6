import renewToken from '../token.js';

/** Why nothing was saved, when it was not the input's fault. */
export class NotSaved extends Error {
    /** @param {boolean} passing whether trying again by itself makes sense */
    constructor(message, passing = false) {
        super(message);
        this.passing = passing;
    }
}

const KEPT = ' What you typed is still here.';

/**
 * Sends the bench's form and gives back the pieces of the page that it changed, refused or not.
 *
 * @param {string} have which pieces the page shows already
 * @returns {Promise<{status: number, fresh: Document}>} 200 saved, 422 refused, 409 somebody else saved meanwhile
 * @throws {NotSaved}
 */
export default async function send(url, form, have, extra = {}) {
    let response = await post(url, form, have, extra);
    if (response.status === 419 && (await renewToken(form)) === 'fresh') {
        response = await post(url, form, have, extra);
    }
    if ([200, 409, 422].includes(response.status) && !response.redirected) {
        return { status: response.status, fresh: parse(await response.text()) };
    }
    if (response.redirected || response.status === 419) {
        throw new NotSaved(`You are signed out. Sign in again in another tab, then come back here.${KEPT}`);
    }
    throw new NotSaved(
        {
            403: `Not saved: your role does not reach this far any more.${KEPT}`,
            404: `Not saved: this option is no longer here. It may be in the trash.${KEPT}`,
            503: `Not saved: others were saving all the while. Send it again.${KEPT}`,
            507: `Not saved: the disk that Ondergrond saves on is full or may not be written to. Make room, then send it again.${KEPT}`,
        }[response.status] ?? `Not saved: the server broke off (${response.status}).${KEPT}`,
    );
}

/**
 * The pieces as they stand now, with what takes long; null where they cannot be had or are no longer wanted, undefined where
 * others are served first.
 */
export async function read(url, have, signal) {
    try {
        const response = await fetch(url, { headers: { 'X-Bench': '1', 'X-Have': have, Accept: 'text/html' }, signal });
        if (response.status === 202) {
            return undefined;
        }
        return response.status === 200 && !response.redirected ? parse(await response.text()) : null;
    } catch {
        return null;
    }
}

/**
 * The pieces that hang on the field of what is being saved just now, all of them: what the page will show by then is not known
 * yet. Null where they cannot be had.
 */
export async function readAhead(url, form, extra, signal) {
    try {
        const response = await fetch(url, {
            method: 'POST',
            body: filled(form, extra),
            headers: { 'X-Bench': '1', Accept: 'text/html' },
            signal,
        });
        return response.status === 200 && !response.redirected ? parse(await response.text()) : null;
    } catch {
        return null;
    }
}

function filled(form, extra) {
    const body = new FormData(form);
    for (const [name, value] of Object.entries(extra)) {
        body.set(name, value);
    }
    return body;
}

async function post(url, form, have, extra) {
    try {
        return await fetch(url, {
            method: 'POST',
            body: filled(form, extra),
            headers: { 'X-Bench': '1', 'X-Have': have, Accept: 'text/html' },
        });
    } catch {
        throw new NotSaved(`Not saved: no connection. Trying again by itself.${KEPT}`, true);
    }
}

function parse(html) {
    return new DOMParser().parseFromString(html, 'text/html');
}
