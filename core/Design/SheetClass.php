<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** Class of a vapour sheet: ASTM E1745, by permeance, tensile strength and puncture (from memory). */
enum SheetClass: string implements Choice
{
    case NotSaid = 'not-said';
    case A = 'a';
    case B = 'b';
    case C = 'c';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::A => 'A, for building sites',
            self::B => 'B',
            self::C => 'C, only under boards',
        };
    }

    /** Energy that a falling dart punctures it with, g (ASTM E1745-17, table 1; from memory). */
    public function puncture(): ?float
    {
        return match ($this) {
            self::NotSaid => null,
            self::A => 2200.0,
            self::B => 1700.0,
            self::C => 475.0,
        };
    }
}
