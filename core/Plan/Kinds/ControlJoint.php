<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Fitted;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** A line that is cut or formed so that the slab cracks there and nowhere else. */
final readonly class ControlJoint implements Item
{
    use Run;

    /**
     * @param  float  $toX  of the other end, m
     * @param  float  $toY  of the other end, m
     * @param  float  $depth  of the cut, m; a quarter of the slab, 25 mm at least (ACI 302.1R, from memory)
     * @param  Fitted  $sleeved  whether pipes that cross it lie in a sleeve of their own there
     */
    public function __construct(
        public Placing $at,
        #[Size('other end, along', quantity: Quantity::Length)]
        public float $toX = 0.0,
        #[Size('other end, across', quantity: Quantity::Length)]
        public float $toY = 0.0,
        #[Size('depth')]
        public float $depth = 0.025,
        #[Size('pipes sleeved where they cross')]
        public Fitted $sleeved = Fitted::NotSaid,
    ) {}

    public static function slug(): string
    {
        return 'joint';
    }

    public static function label(): string
    {
        return 'Control joint';
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
        return [Mark::along(Sign::Dashed, $this->at->x, $this->at->y, $this->toX, $this->toY)];
    }

    public function remarks(Around $in): array
    {
        return [];
    }

    /** With when it is cut: before the slab cracks by itself, after the saw no longer ravels its edge (ACI 302.1R, from memory). */
    public function about(): Said
    {
        return Said::of(
            '%s long, cut 4 to 12 h after finishing', Measure::of($this->length(), Quantity::Length),
        );
    }

    /** How deep one is cut into the slab of a design, to the whole millimetre, m. */
    public static function deep(Design $design): float
    {
        return ceil(round(1000 * max(0.025, $design->slab->layer->thickness / 4), 6)) / 1000;
    }

    public static function from(Design $design): array
    {
        return ['level_m' => round($design->slab->topAboveGrade, 4), 'depth_m' => self::deep($design)];
    }
}
