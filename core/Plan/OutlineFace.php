<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Section\Layout;
use Ondergrond\Size\Choice;

/** Which face of the walls the outline of a plan is read to. */
enum OutlineFace: string implements Choice
{
    case Concrete = 'concrete';
    case Outer = 'outer';
    case Inner = 'inner';

    public function label(): string
    {
        return match ($this) {
            self::Concrete => 'outer face of the concrete',
            self::Outer => 'outermost face of the edge',
            self::Inner => 'finished inner face',
        };
    }

    /** Outward from the outer face of the concrete of that design, m. */
    public function out(Layout $at): float
    {
        return match ($this) {
            self::Concrete => 0.0,
            self::Outer => $at->outermost,
            self::Inner => $at->room,
        };
    }
}
