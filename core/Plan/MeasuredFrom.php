<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Section\Layout;
use Ondergrond\Size\Choice;

/** Which face of the walls an item's distances are taken from on site. */
enum MeasuredFrom: string implements Choice
{
    case Outer = 'outer-face';
    case Raw = 'raw-inner-face';
    case Inner = 'inner-face';

    public function label(): string
    {
        return match ($this) {
            self::Outer => 'outer face of the concrete',
            self::Raw => 'raw inner face of the wall',
            self::Inner => 'finished inner face of the wall',
        };
    }

    /** How far it lies in from the outer face of the concrete, m. */
    public function inset(Layout $at, float $inside): float
    {
        return match ($this) {
            self::Outer => 0.0,
            self::Raw => max(0.0, -$at->room - $inside),
            self::Inner => -$at->room,
        };
    }
}
