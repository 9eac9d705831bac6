/** What the two sides that are typed come to, told by the server, which reads them when the form is sent. */
export default () => ({
    said: '',

    async ask() {
        const form = this.$root;
        const sides = form.elements['footprint[sides]'].value;
        if (sides.trim() === '') {
            this.said = '';
            return;
        }
        const of = new URLSearchParams({ sides, units: form.elements.units.value });
        const answer = await fetch(`${form.dataset.floor}?${of}`, { headers: { Accept: 'text/plain' } }).catch(() => null);
        this.said = answer?.ok || answer?.status === 422 ? await answer.text() : '';
    },
});
