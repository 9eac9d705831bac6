<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Layer;

/**
 * How hot the layers behind a room get that is hot for some hours of each day: one dimension by control volumes, implicit in time
 * (Euler backward, tridiagonal), day after day until it repeats. The far face stays at one temperature.
 */
final class HotSpell
{
    /** Cells no thicker than this, m. */
    private const CELL = 0.01;

    /** s. */
    private const STEP = 240.0;

    private const DAYS = 30;

    /** K from day to day. */
    private const SETTLED = 0.02;

    /**
     * @param  non-empty-list<Layer>  $layers  from the room outward
     * @param  float  $usual  what the room is at for the rest of the day, °C
     * @param  float  $hot  °C
     * @param  float  $hours  a day, 0 to 24
     * @param  float  $far  beyond the last layer, °C
     * @param  float  $inner  resistance from the room to the first layer, m²K/W
     * @param  float  $outer  from the last on, m²K/W
     * @return list<float> the hottest that each layer's warmer face gets, °C
     */
    public static function hottest(
        array $layers,
        float $usual,
        float $hot,
        float $hours,
        float $far,
        float $inner = SurfaceResistance::INSIDE_HORIZONTAL,
        float $outer = 0.0,
    ): array {
        [$resistance, $capacity, $first] = self::cells($layers);
        $n = count($resistance);
        $steps = (int) round(86_400 / self::STEP);
        $on = (int) round($steps * max(0.0, min(24.0, $hours)) / 24);
        // Between centres, and from either face to the nearest centre.
        $g = [1 / ($inner + $resistance[0] / 2)];
        for ($i = 1; $i < $n; $i++) {
            $g[] = 2 / ($resistance[$i - 1] + $resistance[$i]);
        }
        $g[] = 1 / max(1e-6, $outer + $resistance[$n - 1] / 2);
        $t = array_fill(0, $n, $usual);
        $most = array_fill(0, count($layers), -INF);
        for ($day = 0; $day < self::DAYS; $day++) {
            [$before, $most] = [$most, array_fill(0, count($layers), -INF)];
            for ($s = 0; $s < $steps; $s++) {
                $room = $s < $on ? $hot : $usual;
                $t = self::step($t, $g, $capacity, $room, $far);
                foreach ($first as $l => $i) {
                    // The face lies between the cell before it, or the room, and its own.
                    [$near, $by] = $i === 0 ? [$room, 2 * $inner] : [$t[$i - 1] ?? $room, $resistance[$i - 1] ?? 0.0];
                    $face = ($near * $resistance[$i] + $t[$i] * $by) / ($by + $resistance[$i]);
                    $most[$l] = max($most[$l], $face);
                }
            }
            if (max(array_map(static fn (float $a, float $b): float => abs($a - $b), $most, $before)) < self::SETTLED) {
                break;
            }
        }

        return array_values($most);
    }

    /**
     * @param  non-empty-list<Layer>  $layers
     * @return array{non-empty-list<float>, non-empty-list<float>, list<int<0, max>>} R, m²K/W, and heat capacity, J/(m²K), by cell; each layer's first cell
     */
    private static function cells(array $layers): array
    {
        $resistance = $capacity = $first = [];
        foreach ($layers as $layer) {
            $first[] = count($resistance);
            $n = max(2, (int) ceil($layer->thickness / self::CELL));
            for ($i = 0; $i < $n; $i++) {
                $resistance[] = max(1e-5, $layer->resistance() / $n);
                $capacity[] = $layer->material->volumetricHeatCapacity() * $layer->thickness / $n;
            }
        }
        assert($resistance !== [] && $capacity !== []);

        return [$resistance, $capacity, $first];
    }

    /**
     * @param  list<float>  $t  °C by cell
     * @param  list<float>  $g  W/(m²K) before and after each
     * @param  list<float>  $capacity  J/(m²K)
     * @return list<float>
     */
    private static function step(array $t, array $g, array $capacity, float $room, float $far): array
    {
        $n = count($t);
        $c = $d = [];
        for ($i = 0; $i < $n; $i++) {
            $a = $i > 0 ? -$g[$i] : 0.0;
            $right = $i < $n - 1 ? -$g[$i + 1] : 0.0;
            $b = $capacity[$i] / self::STEP + $g[$i] + $g[$i + 1];
            $known = $capacity[$i] / self::STEP * $t[$i] + ($i === 0 ? $g[0] * $room : 0.0) + ($i === $n - 1 ? $g[$n] * $far : 0.0);
            $m = $b - ($i > 0 ? $a * $c[$i - 1] : 0.0);
            $c[$i] = $right / $m;
            $d[$i] = ($known - ($i > 0 ? $a * $d[$i - 1] : 0.0)) / $m;
        }
        for ($i = $n - 2; $i >= 0; $i--) {
            $d[$i] -= $c[$i] * $d[$i + 1];
        }

        return array_values($d);
    }
}
