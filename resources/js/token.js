/**
 * A page that stood open for long carries a form token that may be over: takes the one of a fresh page.
 *
 * @returns {Promise<'fresh' | 'signed-out' | 'unreachable'>}
 */
export default async function renewToken(form) {
    const response = await fetch(location.href, { headers: { Accept: 'text/html' } }).catch(() => null);
    if (!response) {
        return 'unreachable';
    }
    const fresh = new DOMParser().parseFromString(await response.text(), 'text/html').querySelector('input[name=_token]');
    if (!response.ok || response.redirected || !fresh) {
        return 'signed-out';
    }
    form.querySelector('input[name=_token]').value = fresh.value;
    return 'fresh';
}
