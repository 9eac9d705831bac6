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

/** To the first field of the part above (-1) or below (1). */
export function nextPart(field, way) {
    const places = [...field.form.querySelectorAll('.log-row[data-part], .log-more')].filter((place) =>
        place.querySelector('input[type=text]'),
    );
    const place = places[places.indexOf(field.closest('.log-row[data-part], .log-more')) + way];
    if (place?.tagName === 'DETAILS') {
        place.open = true;
    }
    place?.querySelector('input[type=text]').select();
    place?.scrollIntoView({ block: 'nearest' });
}

export function partByNumber(form, number) {
    return [...form.querySelectorAll('#bench-drawing .flag')].find((flag) => flag.textContent.trim() === String(number))?.dataset.part;
}
