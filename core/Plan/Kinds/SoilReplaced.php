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
use Ondergrond\Plan\Supply;
use Ondergrond\Plan\Trade;
use Ondergrond\Plan\Want;
use Ondergrond\Section\Layout;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** An area where soil that may not carry is dug out and filled. */
final readonly class SoilReplaced implements Item
{
    use Covers;

    /**
     * @param  float  $length  along the sheet before it is turned, m
     * @param  float  $width  across, m
     * @param  float  $turn  against the clock, degrees
     * @param  float  $depth  m
     */
    public function __construct(
        public Placing $at,
        #[Size('length', quantity: Quantity::Length)]
        public float $length = 3.0,
        #[Size('width', quantity: Quantity::Length)]
        public float $width = 2.0,
        #[Size('turned', key: 'turn_deg')]
        public float $turn = 0.0,
        #[Size('depth below the dig')]
        public float $depth = 0.5,
    ) {}

    public static function slug(): string
    {
        return 'soil';
    }

    public static function label(): string
    {
        return 'Soil to be replaced';
    }

    public static function belongs(): Belongs
    {
        return Belongs::Design;
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.1, trade: Trade::Installer);
    }

    public static function mayLeave(): bool
    {
        return true;
    }

    public function marks(): array
    {
        return [Mark::over(Sign::Patch, $this->corners())];
    }

    /** m³, as filled. */
    public function volume(): float
    {
        return $this->area() * $this->depth;
    }

    public function remarks(Around $in): array
    {
        return [];
    }

    public function wants(): array
    {
        return [new Want(Supply::Fill, $this->volume())];
    }

    public static function from(Design $design): array
    {
        return ['level_m' => round(min(0.0, Layout::of($design)->dig), 4)];
    }
}
