<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\Unit as Measure;
use Ondergrond\Units\UnitSystem;

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

    /** In a price list. */
    public function each(): string
    {
        return match ($this) {
            self::CubicMetre => 'a cubic metre',
            self::SquareMetre => 'a square metre',
            self::Metre => 'a metre',
            self::Kilogram => 'a kilogram',
            self::Tonne => 'a tonne',
            self::Piece => 'a piece',
        };
    }

    /** @return array{float, string} how many of what it is bought by in that system are one of these, and its symbol */
    public function sold(UnitSystem $system): array
    {
        return $system === UnitSystem::Metric ? [1.0, $this->symbol()] : match ($this) {
            self::CubicMetre => [1 / 0.764554857984, 'yd³'],
            self::SquareMetre => [1 / Measure::FOOT ** 2, 'ft²'],
            self::Metre => [1 / Measure::FOOT, 'ft'],
            self::Kilogram => [1 / 0.45359237, 'lb'],
            self::Tonne => [1 / 0.90718474, 'short ton'],
            self::Piece => [1.0, ''],
        };
    }

    /** So much of it, in the reader's units. */
    public function said(float $much, QuantityFormatter $format): string
    {
        [$factor, $symbol] = $this->sold($format->system);

        return trim($format->number($much * $factor, Quantity::Ratio).' '.$symbol);
    }
}
