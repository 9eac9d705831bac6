<?php

declare(strict_types=1);

namespace Ondergrond\Material;

/** Air shut in between two faces: its resistance by ISO 6946:2017, table 8, heat flow horizontal (from memory), in between on a line. */
final class StillAir
{
    /** Width, m, and resistance, m²K/W; no more beyond the last. */
    private const ROWS = [[0.005, 0.11], [0.007, 0.13], [0.010, 0.15], [0.015, 0.17], [0.025, 0.18]];

    /** J/(m³·K). */
    public const CAPACITY = 1230.0;

    /** @param  float  $width m */
    public static function resistance(float $width): float
    {
        [$from, $below] = [0.0, 0.0];
        foreach (self::ROWS as [$to, $resistance]) {
            if ($width <= $to) {
                return $below + ($resistance - $below) * max(0.0, $width - $from) / max(1e-9, $to - $from);
            }
            [$from, $below] = [$to, $resistance];
        }

        return $below;
    }

    /** λ of a solid that holds back as much, W/(m·K). */
    public static function conductivity(float $width): float
    {
        return $width / self::resistance($width);
    }
}
