<?php

declare(strict_types=1);

namespace Ondergrond\Material;

/** What a material is made of, as far as rules ask. */
enum Kind: string
{
    case Concrete = 'concrete';
    case Masonry = 'masonry';
    case Polystyrene = 'polystyrene';
    case Polyiso = 'polyiso';
    case MineralWool = 'mineral wool';
    case FoamGlass = 'foam glass';
    case Aggregate = 'aggregate';
    case Wood = 'wood';
    case Mineral = 'mineral board or render';
    case Metal = 'metal';
    case Plastic = 'plastic';
    case Air = 'air';

    /** Plastic foams burn and smoke, and want a cover towards rooms. */
    public function isFoam(): bool
    {
        return $this === self::Polystyrene || $this === self::Polyiso;
    }

    /** Hottest it may be for long, °C: common practice, no source; null where foundations never reach it. */
    public function hottest(): ?float
    {
        return match ($this) {
            self::Polystyrene => 75.0,
            self::Polyiso => 110.0,
            default => null,
        };
    }
}
