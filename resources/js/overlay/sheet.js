/** The field that the server sends with a drawing, on any day of the year. */
export default class Sheet {
    constructor(data) {
        Object.assign(this, data);
        this.now = new Float64Array(data.mean.length);
    }

    /** Months since the coldest moment as an angle; day 0 is the first of January. */
    phase(day) {
        return (2 * Math.PI * (((day + 0.5) / 365) * 12 + 0.5 - this.coldest)) / 12;
    }

    /** The day on which the air is coldest. */
    coldestDay() {
        return Math.round((((this.coldest - 0.5 + 12) % 12) / 12) * 365 - 0.5);
    }

    /** Temperatures of that day by node, in °C; NaN in the air. */
    onDay(day) {
        const [cos, sin] = [Math.cos(this.phase(day)), Math.sin(this.phase(day))];
        for (let n = 0; n < this.now.length; n++) {
            this.now[n] = this.mean[n] === null ? NaN : (this.mean[n] + this.re[n] * cos - this.im[n] * sin) / 100;
        }
        return this.now;
    }

    /** Lowest and highest temperature of the whole year in what is shown, °C. */
    range() {
        let [low, high] = [Infinity, -Infinity];
        this.mean.forEach((mean, n) => {
            if (mean !== null) {
                const swing = Math.hypot(this.re[n], this.im[n]);
                low = Math.min(low, (mean - swing) / 100);
                high = Math.max(high, (mean + swing) / 100);
            }
        });
        return [low, high];
    }

    /** Arrows of that day: place in pixels, flow in W/m² to the right and down the page. */
    flows(day) {
        const [cos, sin] = [Math.cos(this.phase(day)), Math.sin(this.phase(day))];
        return this.needles.map(([x, y, a, b, c, d, e, f]) => [x, y, (a + b * cos - c * sin) / 100, -(d + e * cos - f * sin) / 100]);
    }

    /** What leaves the room through the floor, W. */
    lossOn(day) {
        const [mean, re, im] = this.loss;
        return mean + re * Math.cos(this.phase(day)) - im * Math.sin(this.phase(day));
    }

    /** Of the node values given, at a place in pixels; NaN in the air. */
    at(values, x, y) {
        // The lines across run upward in metres, so their pixels fall.
        const i = this.x.findIndex((line, k) => x >= line && x <= this.x[k + 1]);
        const j = this.y.findIndex((line, k) => y <= line && y >= this.y[k + 1]);
        if (i < 0 || j < 0) {
            return NaN;
        }
        const [n, columns] = [j * this.x.length + i, this.x.length];
        const [u, v] = [(x - this.x[i]) / (this.x[i + 1] - this.x[i]), (y - this.y[j]) / (this.y[j + 1] - this.y[j])];
        return (1 - v) * ((1 - u) * values[n] + u * values[n + 1]) + v * ((1 - u) * values[n + columns] + u * values[n + columns + 1]);
    }

    nameOf(day) {
        let left = Math.round(day);
        let month = 0;
        while (left >= this.days[month]) {
            left -= this.days[month];
            month++;
        }
        return `${left + 1} ${this.months[month]}`;
    }

    /** A value of that kind with its unit, as the page writes numbers. */
    written(si, unit) {
        return `${this.number((si - unit.offset) / unit.factor, unit.decimals)} ${unit.symbol}`;
    }

    number(value, decimals) {
        const text = value.toFixed(decimals).replace('.', this.mark);
        return /^-0\D?0*$/.test(text) ? text.slice(1) : text;
    }
}
