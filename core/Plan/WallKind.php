<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Choice;

/** What lies beyond a wall of the plan; decides which section is cut there. */
enum WallKind: string implements Choice
{
    case Outside = 'outside';
    case WalkOut = 'walk-out';
    case Garage = 'garage';
    case Porch = 'porch';
    case Heated = 'heated';

    public function label(): string
    {
        return match ($this) {
            self::Outside => 'outside',
            self::WalkOut => 'outside, walk-out level',
            self::Garage => 'unheated garage',
            self::Porch => 'porch slab',
            self::Heated => 'heated neighbour',
        };
    }

    /** Whether heat is lost through it: it counts as exposed edge (ISO 13370:2007, 8.1). */
    public function isExposed(): bool
    {
        return $this !== self::Heated;
    }

    /** @return array<string, string> */
    public static function words(): array
    {
        return array_combine(array_column(self::cases(), 'value'), array_map(static fn (self $k): string => $k->label(), self::cases()));
    }
}
