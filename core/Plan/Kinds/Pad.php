<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;

/** A pad that is dug and poured before the floor, under a post that comes later. */
final readonly class Pad implements Item
{
    use Placed;

    /**
     * @param  float  $width  square in plan, m
     * @param  float  $height  m
     */
    public function __construct(
        public Placing $at,
        #[Size('width')]
        public float $width = 0.6,
        #[Size('height')]
        public float $height = 0.3,
    ) {}

    public static function slug(): string
    {
        return 'pad';
    }

    public static function label(): string
    {
        return 'Pad';
    }

    public static function belongs(): Belongs
    {
        return Belongs::Design;
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.025, trade: Trade::Installer);
    }

    public function marks(): array
    {
        return [Mark::over(Sign::Loose, array_map(fn (array $p): array => [
            $this->at->x + $p[0] * $this->width / 2, $this->at->y + $p[1] * $this->width / 2,
        ], [[-1, -1], [1, -1], [1, 1], [-1, 1]]))];
    }

    public function remarks(Around $in): array
    {
        return [];
    }

    /** Its level is its top: under the slab. */
    public static function from(Design $design): array
    {
        return ['level_m' => round($design->slab->underside(), 4)];
    }
}
