<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Side;
use Ondergrond\Size\Choice;

/** What lies beyond a wall of the plan; decides which section is cut there. */
enum WallKind: string implements Choice
{
    case Outside = 'outside';
    case WalkOut = 'walk-out';
    case Garage = 'garage';
    case Porch = 'porch';
    case Heated = 'heated';
    case Joined = 'joined';

    public function label(): string
    {
        return match ($this) {
            self::Outside => 'outside',
            self::WalkOut => 'outside, walk-out level',
            self::Garage => 'unheated garage',
            self::Porch => 'porch slab',
            self::Heated => 'heated neighbour',
            self::Joined => 'the same house goes on',
        };
    }

    /** Whether heat is lost through it: it counts as exposed edge (ISO 13370:2007, 8.1). */
    public function isExposed(): bool
    {
        return $this !== self::Heated && $this !== self::Joined;
    }

    /** Which side of the section is cut there; null where it is not exposed. */
    public function side(): ?Side
    {
        return match ($this) {
            self::Outside => Side::Edge,
            self::WalkOut => Side::Walkout,
            self::Garage, self::Porch => Side::Neighbour,
            self::Heated, self::Joined => null,
        };
    }
}
