<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Plan\Outline;

/** Which corners that no wall joins are taped to each other. */
final class Diagonals
{
    /** Up to so many corners, from each to each. */
    private const ALL = 8;

    /** @return list<array{from: string, to: string, m: float}> of many corners, from each to the second and the third on */
    public static function of(Outline $outline): array
    {
        $ids = array_keys($outline->points);
        $n = count($ids);
        $found = [];
        foreach ($ids as $i => $from) {
            for ($j = $i + 2; $j < $n; $j++) {
                $apart = min($j - $i, $n - $j + $i);
                if ($apart >= 2 && ($n <= self::ALL || $apart <= 3)) {
                    [[$a, $b], [$c, $d]] = [$outline->points[$from], $outline->points[$ids[$j]]];
                    $found[] = ['from' => $from, 'to' => $ids[$j], 'm' => hypot($c - $a, $d - $b)];
                }
            }
        }

        return $found;
    }

    /** @return list<int> how many corners on, walls first */
    public static function steps(int $corners): array
    {
        return range(1, $corners <= self::ALL ? max(1, intdiv($corners, 2)) : 3);
    }
}
