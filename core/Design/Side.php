<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The kinds of edge that a design may have, each cut by a section of its own. */
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

    /**
     * Whether both ends of the floor have to be seen: where the two sides of a building differ so much that heat crosses
     * its middle, a plane of symmetry there would be wrong (ISO 10211:2007, 5.2.4).
     */
    public function isWhole(): bool
    {
        return $this === self::Walkout || $this === self::Neighbour;
    }
}
