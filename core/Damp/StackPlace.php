<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

/** Where a stack is cut through the building. */
enum StackPlace: string
{
    case FloorMiddle = 'floor-middle';
    case FloorEdge = 'floor-edge';
    case WallTop = 'wall-top';
    case WallMiddle = 'wall-middle';
    case WallFoot = 'wall-foot';
    case WallAbove = 'wall-above-ground';
    case Rim = 'rim';
    case Deck = 'deck';

    /** @param  bool  $low  whether the space below is too low to be a room */
    public function label(bool $low): string
    {
        $wall = $low ? 'Crawlspace wall' : 'Wall';

        return match ($this) {
            self::FloorMiddle => 'Floor, middle',
            self::FloorEdge => 'Floor, near the wall',
            self::WallTop => $wall.', just below ground',
            self::WallMiddle => $wall.', half-way down',
            self::WallFoot => $wall.', at its foot',
            self::WallAbove => $wall.', above ground',
            self::Rim => 'Rim of the deck',
            self::Deck => 'Deck over the space',
        };
    }

    public function isFloor(): bool
    {
        return $this === self::FloorMiddle || $this === self::FloorEdge;
    }

    public function isStem(): bool
    {
        return in_array($this, [self::WallTop, self::WallMiddle, self::WallFoot, self::WallAbove], true);
    }
}
