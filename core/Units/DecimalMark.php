<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/** What stands before the decimals when numbers are written; either is understood when they are read. */
enum DecimalMark: string
{
    case Point = 'point';
    case Comma = 'comma';

    public function label(): string
    {
        return match ($this) {
            self::Point => '0.35',
            self::Comma => '0,35',
        };
    }

    /** A number written with a point, written this way. */
    public function written(string $number): string
    {
        return $this === self::Comma ? str_replace('.', ',', $number) : $number;
    }

    /** A count or a sum of money, in groups of three from five figures on (ISO 80000-1:2009, 7.3.1); sizes are never parted. */
    public function grouped(float $number, int $decimals = 0): string
    {
        return $this->written(number_format($number, $decimals, '.', abs($number) < 9_999.5 ? '' : "\u{a0}"));
    }
}
