<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/**
 * Where four quadrants of different conductivity meet, the temperature bends as r^α with α < 1, and a mesh of plain
 * differences learns of the flow around the point only slowly. This gives the field there its right shape: with
 * u = r^α φ(θ), u and k·φ′ continuous from quadrant to quadrant, the heat through each face that ends in the point is
 * known beside the difference between the centres of the cells, and their ratio is the face's conductance. (Kellogg
 * 1975 for α; the fit of differences to it is common practice in numerical work, no single source.)
 */
final readonly class Corner
{
    /** Closer to 1 than this, the field is as good as smooth. */
    private const SMOOTH = 0.995;

    /**
     * @param  float  $alpha  exponent, above 0, at most 1
     * @param  array{list<float>, list<float>}  $start  by quadrant: φ and k·φ′ at its first side
     * @param  list<float>  $k
     */
    private function __construct(
        public float $alpha,
        private array $start,
        private array $k,
    ) {}

    /**
     * @param  float  $k1  conductivity of the quadrants, anticlockwise from right above the point, W/(m·K)
     * @return self|null null where the field is smooth
     */
    public static function of(float $k1, float $k2, float $k3, float $k4): ?self
    {
        $k = [$k1, $k2, $k3, $k4];
        // At α = 1 the trace is s + 1/s with s = k₁k₃/(k₂k₄): the lowest root lies below unless s = 1.
        $low = 0.0;
        $high = 1.0;
        if (self::excess($k, self::SMOOTH) <= 0.0) {
            return null;
        }
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            if (self::excess($k, $middle) > 0.0) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return new self($high, self::starts($k, $high), $k);
    }

    /**
     * The trace of the matrix that carries (φ, kφ′) once around the point, less 2: zero where φ closes on itself.
     *
     * @param  list<float>  $k
     */
    private static function excess(array $k, float $alpha): float
    {
        [$a, , , $d] = self::around($k, $alpha);

        return $a + $d - 2.0;
    }

    /**
     * @param  list<float>  $k
     * @return array{float, float, float, float} the matrix, row by row
     */
    private static function around(array $k, float $alpha): array
    {
        [$a, $b, $c, $d] = [1.0, 0.0, 0.0, 1.0];
        $cos = cos($alpha * M_PI_2);
        $sin = sin($alpha * M_PI_2);
        foreach ($k as $lambda) {
            $up = $sin / ($lambda * max($alpha, 1e-12));
            $down = -$lambda * $alpha * $sin;
            [$a, $b, $c, $d] = [$cos * $a + $up * $c, $cos * $b + $up * $d, $down * $a + $cos * $c, $down * $b + $cos * $d];
        }

        return [$a, $b, $c, $d];
    }

    /**
     * @param  list<float>  $k
     * @return array{list<float>, list<float>}
     */
    private static function starts(array $k, float $alpha): array
    {
        [$a, $b, $c, $d] = self::around($k, $alpha);
        [$phi, $flux] = abs($b) + abs(1.0 - $a) > abs($c) + abs(1.0 - $d) ? [$b, 1.0 - $a] : [1.0 - $d, $c];
        $cos = cos($alpha * M_PI_2);
        $sin = sin($alpha * M_PI_2);
        $phis = $fluxes = [];
        foreach ($k as $lambda) {
            $phis[] = $phi;
            $fluxes[] = $flux;
            [$phi, $flux] = [$phi * $cos + $flux * $sin / ($lambda * $alpha), $flux * $cos - $lambda * $alpha * $phi * $sin];
        }

        return [$phis, $fluxes];
    }

    /**
     * How much better the faces conduct than differences between the cells' centres say.
     *
     * @param  float  $right  width of the cells right of the point, m; likewise the others
     * @return array{float, float, float, float} for the face above the point, left of it, below it, right of it
     */
    public function factors(float $right, float $above, float $left, float $below): array
    {
        $k = $this->k;
        // By quadrant: width, height, and the angle of the cell's centre from the quadrant's first side.
        $cells = [
            [$right, $above, atan2($above, $right)], [$left, $above, atan2($left, $above)],
            [$left, $below, atan2($below, $left)], [$right, $below, atan2($right, $below)],
        ];
        $u = [];
        foreach ($cells as $q => [$width, $height, $angle]) {
            $u[] = (hypot($width, $height) / 2) ** $this->alpha
                * ($this->start[0][$q] * cos($this->alpha * $angle)
                    + $this->start[1][$q] / ($k[$q] * $this->alpha) * sin($this->alpha * $angle));
        }
        $factors = [];
        foreach ([
            [0, 1, $above, $right, $left], [1, 2, $left, $above, $below], [2, 3, $below, $left, $right],
            [3, 0, $right, $below, $above],
        ] as [$from, $to, $length, $half, $other]) {
            $flow = -$this->start[1][$to] * $length ** $this->alpha / $this->alpha;
            $plain = 2 * $length / ($half / $k[$from] + $other / $k[$to]);
            $difference = $u[$from] - $u[$to];
            $factor = abs($difference) > 1e-9 * (abs($u[$from]) + abs($u[$to])) ? $flow / ($plain * $difference) : 1.0;
            // Where the bend sends next to nothing through a face, it says nothing of it.
            $factors[] = $factor >= 1.0 && is_finite($factor) ? min($factor, 100.0) : 1.0;
        }

        return [$factors[0], $factors[1], $factors[2], $factors[3]];
    }
}
