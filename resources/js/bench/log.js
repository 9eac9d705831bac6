/** Puts a text into a field as if it had been typed and left. */
export function commit(field, text) {
    field.value = text;
    field.dispatchEvent(new Event('change', { bubbles: true }));
}

let lists = null;

/** The sizes that are sold, written out, by the names that fields call them. */
function sizeLists() {
    lists ??= JSON.parse(document.getElementById('size-lists').textContent);
    return lists;
}

/** To the next larger (1) or smaller (-1) size as it is bought. */
export function stepSize(field, way) {
    const sizes = sizeLists()[field.dataset.sizes] ?? [];
    const at = sizes.indexOf(field.value);
    if (at === -1 && field.value !== field.defaultValue) {
        // The server has not read it yet; once it has, the next press steps from there.
        commit(field, field.value);
        return;
    }
    const below = Number(field.dataset.below);
    const next = at === -1 ? (way > 0 ? below : below - 1) : at + way;
    if (sizes[next] !== undefined) {
        commit(field, sizes[next]);
        field.select();
    }
}

/** The row of a part in the log. */
export function rowOf(form, part) {
    return form.querySelector(`#bench-log details[data-part="${part}"]`);
}

/**
 * Unfolds a row, and folds all others.
 *
 * @param {HTMLDetailsElement} row
 * @param {boolean} typing whether its first size is to be typed over, else its line has the focus
 */
export function openRow(row, typing = true) {
    for (const other of row.closest('#bench-log').querySelectorAll('details[open]')) {
        other.open = other === row;
    }
    row.open = true;
    const field = typing ? row.querySelector('input[type=text]') : null;
    if (field) {
        field.select();
    } else {
        row.querySelector('summary').focus({ preventScroll: true });
    }
    row.scrollIntoView({ block: 'nearest' });
}

/** To the first size of the part above (-1) or below (1). */
export function nextPart(field, way) {
    const rows = [...field.form.querySelectorAll('#bench-log details')].filter((row) => row.querySelector('input[type=text]'));
    const row = rows[rows.indexOf(field.closest('details')) + way];
    if (row) {
        openRow(row);
    }
}

/** @returns {string|undefined} the part that is laid as that number */
export function partByNumber(form, number) {
    const numbers = [...form.querySelectorAll('#bench-log .log-no b')];
    return numbers.find((one) => one.textContent === String(number))?.closest('details').dataset.part;
}
