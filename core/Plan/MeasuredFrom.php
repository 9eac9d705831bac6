<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Choice;

/** Which face of the walls an item's distances are taken from on site. */
enum MeasuredFrom: string implements Choice
{
    case Outer = 'outer-face';
    case Inner = 'inner-face';

    public function label(): string
    {
        return match ($this) {
            self::Outer => 'outer face of the concrete',
            self::Inner => 'inner face of the wall',
        };
    }
}
