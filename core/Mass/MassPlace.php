<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

/** Where a stack stores heat for the rooms. */
enum MassPlace: string
{
    case Floor = 'floor';
    case FloorEdge = 'floor-edge';
    case BuriedWall = 'buried-wall';
    case Wall = 'wall';
    case Deck = 'deck';

    public function label(): string
    {
        return match ($this) {
            self::Floor => 'Floor',
            self::FloorEdge => 'Floor near the wall',
            self::BuriedWall => 'Wall below ground',
            self::Wall => 'Wall above ground',
            self::Deck => 'Floor over the space below',
        };
    }

    public function isFloor(): bool
    {
        return $this === self::Floor || $this === self::FloorEdge || $this === self::Deck;
    }

    public function onGround(): bool
    {
        return $this !== self::Wall && $this !== self::Deck;
    }
}
