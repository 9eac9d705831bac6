<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

/**
 * Steady vapour pressure through a stack at one moment: a line from end to end, drawn down over every cut where it would
 * pass saturation, so that it touches there (ISO 13788:2012, 6.4.4 to 6.4.6, after Glaser). Where water lies already the
 * pressure is that of saturation, and it comes or goes.
 */
final class Tangent
{
    /**
     * @param  list<float>  $s  s_d from one end to each cut, m, rising
     * @param  list<float>  $saturation  at each cut, Pa
     * @param  float  $first  vapour pressure at the one end, Pa
     * @param  float  $last  at the other
     * @param  array<int, true>  $wet  cuts that hold water
     * @return array{list<float>, array<int, float>} pressures at the cuts, Pa; what condenses (+) or dries (−) by cut, kg/(m²s)
     */
    public static function of(array $s, array $saturation, float $first, float $last, array $wet = []): array
    {
        $n = count($s) - 1;
        $p = $saturation;
        $p[0] = min($first, $saturation[0]);
        $p[$n] = min($last, $saturation[$n]);
        $touched = [0];
        foreach ([...array_keys(array_diff_key($wet, [0 => true, $n => true])), $n] as $end) {
            // Between two cuts that hold water, the lower hull of what lies between.
            $start = $touched[count($touched) - 1];
            $hull = [$start];
            for ($k = $start + 1; $k <= $end; $k++) {
                while (count($hull) > 1) {
                    $b = $hull[count($hull) - 1];
                    $a = $hull[count($hull) - 2];
                    if (($p[$b] - $p[$a]) * ($s[$k] - $s[$a]) < ($p[$k] - $p[$a]) * ($s[$b] - $s[$a])) {
                        break;
                    }
                    array_pop($hull);
                }
                $hull[] = $k;
            }
            array_push($touched, ...array_slice($hull, 1));
        }
        $rates = [];
        $pressures = [$p[0]];
        for ($h = 1; $h < count($touched); $h++) {
            [$a, $b] = [$touched[$h - 1], $touched[$h]];
            $slope = ($p[$b] - $p[$a]) / ($s[$b] - $s[$a]);
            for ($k = $a + 1; $k <= $b; $k++) {
                $pressures[$k] = $p[$a] + $slope * ($s[$k] - $s[$a]);
            }
            if ($h + 1 < count($touched)) {
                $c = $touched[$h + 1];
                $rates[$b] = Vapour::AIR * (($p[$c] - $p[$b]) / ($s[$c] - $s[$b]) - $slope);
            }
        }

        return [array_values($pressures), $rates];
    }
}
