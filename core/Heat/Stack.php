<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Layer;

/** Plane layers between two surfaces (ISO 6946). */
final class Stack
{
    /**
     * R_T = R_si + Σ d/λ + R_se, m²K/W (ISO 6946:2017, 6.7.1.2).
     *
     * @param  list<Layer>  $layers
     */
    public static function resistance(array $layers, float $inside, float $outside): float
    {
        return $inside + array_sum(array_map(static fn (Layer $l): float => $l->resistance(), $layers)) + $outside;
    }

    /**
     * U = 1/R_T, W/(m²K).
     *
     * @param  list<Layer>  $layers
     */
    public static function transmittance(array $layers, float $inside, float $outside): float
    {
        return 1 / self::resistance($layers, $inside, $outside);
    }
}
