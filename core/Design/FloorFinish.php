<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What a floor ends in. Vapour resistances and moisture limits are common practice, no source: the product's own decide. */
enum FloorFinish: string implements Choice
{
    case Bare = 'bare';
    case Tiles = 'tiles';
    case Carpet = 'carpet';
    case Wood = 'wood';
    case Resilient = 'resilient';
    case Coating = 'coating';
    case Ground = 'ground';

    public function label(): string
    {
        return match ($this) {
            self::Bare => 'the concrete itself',
            self::Tiles => 'tiles',
            self::Carpet => 'open carpet',
            self::Wood => 'wood, glued or floating',
            self::Resilient => 'sheet or tiles of vinyl or rubber',
            self::Coating => 'a resin coating',
            self::Ground => 'the slab itself, ground and sealed',
        };
    }

    /** Equivalent air layer, m. */
    public function airLayer(): float
    {
        return match ($this) {
            self::Bare, self::Ground => 0.0,
            self::Tiles => 2.0,
            self::Carpet => 0.2,
            self::Wood => 1.5,
            self::Resilient => 50.0,
            self::Coating => 30.0,
        };
    }

    /**
     * Thermal resistance over the screed or the slab, m²K/W: within the 0 to 0.15 that EN 1264-2 reckons with; common practice, no
     * source.
     */
    public function resistance(): float
    {
        return match ($this) {
            self::Bare, self::Coating, self::Ground => 0.0,
            self::Tiles => 0.01,
            self::Carpet => 0.10,
            self::Wood => 0.09,
            self::Resilient => 0.015,
        };
    }

    /** Warmest surface that it bears, °C; null where only feet set a limit. Wood: common practice, no source. */
    public function warmest(): ?float
    {
        return match ($this) {
            self::Wood => 27.0,
            self::Resilient => 28.0,
            default => null,
        };
    }

    /** Highest humidity within the slab at which it may be laid, as a share; null where any will do. */
    public function limit(): ?float
    {
        return match ($this) {
            self::Bare, self::Ground => null,
            self::Tiles => 0.95,
            self::Carpet => 0.90,
            self::Wood => 0.75,
            self::Resilient, self::Coating => 0.85,
        };
    }

    /** Whether a slab hardly dries through it. */
    public function isTight(): bool
    {
        return $this->airLayer() > 10.0;
    }
}
