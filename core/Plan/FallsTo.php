<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Choice;

/** How a floor falls: two schools, one pitched plane or many local falls to a point each. */
enum FallsTo: string implements Choice
{
    case End = 'end';
    case Middle = 'middle';

    public function label(): string
    {
        return match ($this) {
            self::End => 'one plane, to its far end',
            self::Middle => 'to a point in its middle',
        };
    }
}
