const SVG = 'http://www.w3.org/2000/svg';
/** A pointer that only passes asks for nothing, ms. */
const REST = 120;

/** The remedy of the finding that is pointed at, or has the focus, dashed on the drawing. */
export default class Preview {
    constructor(form, revision) {
        this.form = form;
        this.revision = revision;
        this.known = new Map();
        this.rule = null;
        this.timer = null;
    }

    point(event) {
        const finding = event.type === 'mouseleave' ? null : event.target.closest('.finding[data-rule]');
        const rule = finding?.querySelector('[value^="remedy:"]') ? finding.dataset.rule : null;
        if (rule === this.rule) {
            return;
        }
        this.clear();
        this.rule = rule;
        if (rule) {
            this.timer = setTimeout(() => this.show(rule), REST);
        }
    }

    clear() {
        clearTimeout(this.timer);
        this.rule = null;
        this.form.querySelector('.remedy-preview')?.remove();
    }

    async show(rule) {
        const of = `${rule}@${this.revision()}`;
        if (!this.known.has(of)) {
            const url = new URL(this.form.dataset.preview, window.location.href);
            url.searchParams.set('rule', rule);
            url.searchParams.set('of', this.revision());
            const response = await fetch(url, { headers: { Accept: 'application/json' } }).catch(() => null);
            if (!response?.ok || response.redirected) {
                return;
            }
            this.known.set(of, (await response.json()).path);
        }
        const path = this.known.get(of);
        if (this.rule === rule && path !== '' && of === `${rule}@${this.revision()}`) {
            const outline = document.createElementNS(SVG, 'path');
            outline.setAttribute('class', 'remedy-preview');
            outline.setAttribute('d', path);
            this.form.querySelector('#bench-drawing .section-drawing').append(outline);
        }
    }
}
