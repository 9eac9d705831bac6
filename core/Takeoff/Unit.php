<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

/** What a quantity is counted in. */
enum Unit: string
{
    case CubicMetre = 'm3';
    case SquareMetre = 'm2';
    case Metre = 'm';
    case Kilogram = 'kg';
    case Tonne = 't';
    case Piece = 'piece';

    public function symbol(): string
    {
        return match ($this) {
            self::CubicMetre => 'm³',
            self::SquareMetre => 'm²',
            self::Piece => '',
            default => $this->value,
        };
    }
}
