<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Design;

/** The kinds of edge that one design may have, each cut by a section of its own. */
enum Side: string
{
    case Edge = 'edge';
    case Walkout = 'walk-out';
    case Door = 'door';
    case Neighbour = 'neighbour';

    public function label(): string
    {
        return match ($this) {
            self::Edge => 'Edge',
            self::Walkout => 'Walk-out side',
            self::Door => 'At a door',
            self::Neighbour => 'Unheated neighbour',
        };
    }

    /** @return non-empty-list<self> those that the design has, the common edge first */
    public static function of(Design $design): array
    {
        return [
            self::Edge,
            ...($design->walkout->present() ? [self::Walkout] : []),
            ...(self::hasDoors($design) ? [self::Door] : []),
            ...($design->neighbour->present() ? [self::Neighbour] : []),
        ];
    }

    /** How much of the exposed perimeter is like this, m; the lengths add up to it. */
    public function length(Design $design): float
    {
        $plan = $design->footprint;
        $doors = self::hasDoors($design) ? min($plan->doors, $plan->exposed - $plan->walkOut - $plan->alongNeighbour()) : 0.0;

        return match ($this) {
            self::Walkout => $plan->walkOut,
            self::Door => max(0.0, $doors),
            self::Neighbour => $plan->alongNeighbour(),
            self::Edge => max(0.0, $plan->exposed - $plan->walkOut - $plan->alongNeighbour() - max(0.0, $doors)),
        };
    }

    /** At a door the slab runs out under the sill, with a break or without. */
    private static function hasDoors(Design $design): bool
    {
        return $design->threshold->present() || $design->footprint->doors > 0.0;
    }

    /**
     * Whether both ends of the floor have to be seen: where the two sides of a building differ so much that heat crosses
     * its middle, a plane of symmetry there would be wrong (ISO 10211:2007, 5.2.4).
     */
    public function isWhole(): bool
    {
        return $this === self::Walkout || $this === self::Neighbour;
    }
}
