/** Narrows a table down to the rows that have a word; groups without any are left out. */
export default () => ({
    said: '',

    narrow() {
        const table = document.getElementById(this.$root.dataset.of);
        const word = this.$refs.word.value.trim().toLowerCase();
        const weight = this.$refs.weight?.value ?? '';
        let count = 0;
        for (const group of table.tBodies) {
            const rows = [...group.rows].filter((row) => !row.matches('.compare-group'));
            let any = false;
            for (const row of rows) {
                const found = row.dataset.found?.split('|') ?? [];
                row.hidden = !row.textContent.toLowerCase().includes(word) || (weight !== '' && !found.includes(weight));
                any ||= !row.hidden;
                count += row.hidden ? 0 : 1;
            }
            group.hidden = !any;
        }
        this.said = word === '' && weight === '' ? '' : `${count} found`;
    },
});
