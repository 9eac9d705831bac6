<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What bars are made of. */
enum BarMaterial: string implements Choice
{
    case Steel = 'steel';
    case Polymer = 'polymer';

    public function label(): string
    {
        return match ($this) {
            self::Steel => 'steel',
            self::Polymer => 'fibre polymer',
        };
    }

    /** Lap in diameters: class B in usual concrete, and what makers of polymer bars ask; common practice, no source. */
    public function lap(): float
    {
        return match ($this) {
            self::Steel => 40.0,
            self::Polymer => 60.0,
        };
    }

    /** Its slug in the catalogue. */
    public function material(): string
    {
        return match ($this) {
            self::Steel => 'steel-bar',
            self::Polymer => 'polymer-bar',
        };
    }
}
