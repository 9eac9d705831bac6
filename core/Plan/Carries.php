<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Choice;

/** What water a drain run leads away, and how it falls for that. */
enum Carries: string implements Choice
{
    case Soil = 'soil';
    case Rain = 'rain';
    case Footing = 'footing';
    case FootingForm = 'footing-form';

    /** Pipes up to 2½ in outside a little over, m: what falls steeper (IRC P3005.3, from memory). */
    private const SMALL = 0.075;

    public function label(): string
    {
        return match ($this) {
            self::Soil => 'soil and waste water',
            self::Rain => 'rain, wells, yards',
            self::Footing => 'water at the footing',
            self::FootingForm => 'water at the footing, as its form',
        };
    }

    /** Drop over length, at least. */
    public function fall(float $diameter): float
    {
        return match ($this) {
            self::Soil => $diameter <= self::SMALL ? 0.02 : 0.01,
            self::Rain => 0.01,
            self::Footing => 0.005,
            self::FootingForm => 0.0,
        };
    }

    public function source(): string
    {
        return match ($this) {
            self::Soil => 'IRC P3005.3, from memory: 1/4 in a foot to 2½ in, 1/8 in from 3 in; local code governs',
            self::Footing => 'DIN 4095, from memory: 0.5 %; laid level it is tolerated',
            self::Rain, self::FootingForm => 'common practice, no source',
        };
    }
}
