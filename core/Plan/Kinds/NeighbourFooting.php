<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** The near edge of a footing that stands there already; its level is the footing's underside. */
final readonly class NeighbourFooting implements Item
{
    use Given;

    /**
     * @param  float  $toX  of the other end, m
     * @param  float  $toY  of the other end, m
     */
    public function __construct(
        public Placing $at,
        #[Size('other end, along', quantity: Quantity::Length)]
        public float $toX = 0.0,
        #[Size('other end, across', quantity: Quantity::Length)]
        public float $toY = 0.0,
    ) {}

    public static function slug(): string
    {
        return 'neighbour';
    }

    public static function label(): string
    {
        return 'Footing next door';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.05, trade: Trade::Installer);
    }

    public function marks(): array
    {
        return [Mark::along(Sign::Heavy, $this->at->x, $this->at->y, $this->toX, $this->toY)];
    }

    public static function from(Design $design): array
    {
        return ['level_m' => -0.6];
    }
}
