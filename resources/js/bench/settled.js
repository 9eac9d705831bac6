const CLASS = 'finding-settled';

/**
 * Findings that were settled keep their place in the list, so that nothing moves under the hand, until something else is
 * changed; and the next finding has the focus.
 */
export default class Settled {
    constructor() {
        /** What stands in for them, by the list's id. */
        this.kept = new Map();
        this.pressed = null;
    }

    /**
     * Before an answer is taken in.
     *
     * @param {HTMLElement|null} by what was pressed
     * @returns {() => void} to be called once it is
     */
    begin(by) {
        const finding = by?.closest?.('.finding');
        if (!finding) {
            this.kept.clear();
            for (const old of document.querySelectorAll(`.${CLASS}`)) {
                old.remove();
            }
            return () => {};
        }
        const list = finding.closest('.findings');
        const after = [...list.children].slice([...list.children].indexOf(finding) + 1);
        const next = after.filter((one) => one.matches('.finding')).map((one) => one.id);
        this.pressed = finding.id;
        return () => {
            this.pressed = null;
            // What hangs on the field comes back with it only.
            const here = next.map((id) => document.getElementById(id)).find(Boolean) ?? document.getElementById(finding.id);
            const press = here?.querySelector('.finding-acts > button, .chips button') ?? here?.querySelector('summary');
            press?.focus({ preventScroll: true });
        };
    }

    /** @returns {string[]} ids of what a list shows, and of what it showed before it was settled */
    order(list) {
        return [...list.querySelectorAll(`.finding, .${CLASS}`)].map((one) => one.dataset.was ?? one.id);
    }

    /** Takes them out of a list that is about to be written anew. */
    take(list) {
        const places = this.kept.get(list.id) ?? [];
        for (const finding of this.pressed ? list.querySelectorAll('.finding') : []) {
            places.push({ id: finding.id, height: finding.offsetHeight, words: finding.querySelector('.finding-what').cloneNode(true) });
        }
        this.kept.set(list.id, places);
        for (const old of list.querySelectorAll(`.${CLASS}`)) {
            old.remove();
        }
    }

    /**
     * Puts one in the place of each that is gone.
     *
     * @param {HTMLElement} list
     * @param {string[]} known what it showed, in its order
     */
    put(list, known) {
        const gone = new Map();
        for (const place of this.kept.get(list.id) ?? []) {
            if (!document.getElementById(place.id)) {
                gone.set(place.id, place);
            }
        }
        this.kept.set(list.id, [...gone.values()]);
        const rows = list.querySelector('.findings');
        for (const id of known.filter((one) => gone.has(one)).reverse()) {
            const stub = rows.ownerDocument.createElement('li');
            stub.className = CLASS;
            stub.style.minHeight = `${gone.get(id).height}px`;
            stub.append(gone.get(id).words.cloneNode(true));
            stub.dataset.was = id;
            this.place(rows, stub, id, known);
        }
    }

    /** Before the first that came after it and is still there, be it as a stub. */
    place(rows, stub, id, known) {
        const before = known.slice(known.indexOf(id) + 1).map((next) => rows.querySelector(`#${next}, [data-was="${next}"]`)).find(Boolean);
        if (before) {
            before.before(stub);
        } else {
            rows.append(stub);
        }
    }
}
