<?php

declare(strict_types=1);

namespace Ondergrond\Material;

/** A place in the foundation that a material is chosen for. */
enum Place: string
{
    case Slab = 'slab';
    case UnderSlab = 'under-slab';
    case UnderBearing = 'under-bearing';
    case EdgeInside = 'edge-inside';
    case EdgeOutside = 'edge-outside';
    case Bed = 'bed';
    case Wall = 'wall';

    /** In a sentence. */
    public function label(): string
    {
        return match ($this) {
            self::Slab => 'the slab',
            self::UnderSlab => 'under the slab',
            self::UnderBearing => 'under the edge beam',
            self::EdgeInside => 'inside the edge beam',
            self::EdgeOutside => 'outside the edge',
            self::Bed => 'the bed',
            self::Wall => 'the wall',
        };
    }
}
