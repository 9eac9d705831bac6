<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choice;

/**
 * How much vapour the use of the rooms adds to the air outside: ISO 13788:2012, annex A (from memory), the upper limit of each
 * class, for outdoor air at or below 0 °C, falling in a line to nothing at 20 °C.
 */
enum HumidityClass: string implements Choice
{
    case Store = 'store';
    case Office = 'office';
    case Dwelling = 'dwelling';
    case FullDwelling = 'full-dwelling';
    case Wet = 'wet';

    /** °C at which rooms are aired so much that they hold what the outdoor air holds. */
    private const AIRED = 20.0;

    public function label(): string
    {
        return match ($this) {
            self::Store => '1 · store, unused',
            self::Office => '2 · office, shop, airy dwelling',
            self::Dwelling => '3 · dwelling',
            self::FullDwelling => '4 · full dwelling, kitchen, sports hall',
            self::Wet => '5 · laundry, pool, brewery',
        };
    }

    /** Excess of vapour pressure inside over outside in cold weather, Pa. */
    public function excess(): float
    {
        return match ($this) {
            self::Store => 270.0,
            self::Office => 540.0,
            self::Dwelling => 810.0,
            self::FullDwelling => 1080.0,
            self::Wet => 1360.0,
        };
    }

    /** The same at that outdoor temperature, Pa. */
    public function excessAt(float $outdoor): float
    {
        return $this->excess() * max(0.0, min(1.0, 1.0 - $outdoor / self::AIRED));
    }
}
