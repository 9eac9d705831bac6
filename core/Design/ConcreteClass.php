<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** Strength of the concrete at 28 days: EN 206 cylinder over cube, with the nearest psi that the trade says (from memory). */
enum ConcreteClass: string implements Choice
{
    case NotSaid = 'not-said';
    case C16 = 'c16';
    case C20 = 'c20';
    case C25 = 'c25';
    case C30 = 'c30';
    case C35 = 'c35';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::C16 => 'C16/20, 2 500 psi',
            self::C20 => 'C20/25, 3 000 psi',
            self::C25 => 'C25/30, 3 500 psi',
            self::C30 => 'C30/37, 4 500 psi',
            self::C35 => 'C35/45, 5 000 psi',
        };
    }

    /** Of a cylinder at 28 days, MPa; null where nobody says. */
    public function strength(): ?float
    {
        return match ($this) {
            self::NotSaid => null,
            self::C16 => 16.0,
            self::C20 => 20.0,
            self::C25 => 25.0,
            self::C30 => 30.0,
            self::C35 => 35.0,
        };
    }
}
