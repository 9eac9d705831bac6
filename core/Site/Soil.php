<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choice;

/**
 * Ground class with its thermal properties: ISO 13370:2007, table 1; the range of conductivity a class may have is
 * its annex G, table G.1 (both from memory).
 */
enum Soil: string implements Choice
{
    case ClayOrSilt = 'clay-or-silt';
    case SandOrGravel = 'sand-or-gravel';
    case Rock = 'rock';

    public function label(): string
    {
        return match ($this) {
            self::ClayOrSilt => 'Clay or silt',
            self::SandOrGravel => 'Sand or gravel',
            self::Rock => 'Rock',
        };
    }

    /** Design conductivity, W/(m·K). */
    public function conductivity(): float
    {
        return match ($this) {
            self::ClayOrSilt => 1.5,
            self::SandOrGravel => 2.0,
            self::Rock => 3.5,
        };
    }

    /** @return array{float, float} lowest and highest conductivity to expect, W/(m·K) */
    public function conductivityRange(): array
    {
        return match ($this) {
            self::ClayOrSilt => [1.0, 2.0],
            self::SandOrGravel => [1.5, 2.5],
            self::Rock => [2.5, 4.5],
        };
    }

    /**
     * How fast water passes through it, m/day: textbook ranges for silt, clean sand and jointed rock, from memory; the safe end for
     * drains.
     */
    public function permeability(): float
    {
        return match ($this) {
            self::ClayOrSilt => 0.01,
            self::SandOrGravel => 20.0,
            self::Rock => 0.1,
        };
    }

    /** Volumetric heat capacity, J/(m³·K). */
    public function heatCapacity(): float
    {
        return match ($this) {
            self::ClayOrSilt => 3.0e6,
            self::SandOrGravel, self::Rock => 2.0e6,
        };
    }
}
