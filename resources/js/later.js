/**
 * Asks for what the server is still working out, until it is there or no longer wanted.
 *
 * @param {string} url
 * @param {{every: number, wanted: () => boolean, take: (fresh: Document, done: boolean) => boolean|void}} how `take` is given
 *     each answer; it goes on while that is not the last one, or while `take` says true
 * @returns {Promise<boolean>} whether it came
 */
export default async function follow(url, { every, wanted, take }) {
    for (;;) {
        const answer = await ask(url);
        if (!wanted() || answer === null) {
            return false;
        }
        if (!(take(answer.fresh, answer.done) ?? !answer.done)) {
            return true;
        }
        await new Promise((go) => setTimeout(go, every));
        if (!wanted()) {
            return false;
        }
    }
}

/** @returns {Promise<{done: boolean, fresh: Document}|null>} as far as it is; null where it cannot be had */
async function ask(url) {
    try {
        const response = await fetch(url, { headers: { 'X-Bench': '1', Accept: 'text/html' } });
        return response.ok && !response.redirected
            ? { done: response.status === 200, fresh: new DOMParser().parseFromString(await response.text(), 'text/html') }
            : null;
    } catch {
        return null;
    }
}
