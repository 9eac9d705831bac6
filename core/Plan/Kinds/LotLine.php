<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Item;
use Ondergrond\Plan\Lines;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** The line of the lot, or of a set-back, that nothing may reach over. */
final readonly class LotLine implements Item
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
        return 'lot';
    }

    public static function label(): string
    {
        return 'Lot line';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.05, trade: Trade::Installer);
    }

    public function marks(): array
    {
        return [Mark::along(Sign::Boundary, $this->at->x, $this->at->y, $this->toX, $this->toY)];
    }

    /** From the nearest of an outline, m. */
    public function apart(Outline $outline): float
    {
        $least = INF;
        foreach ($outline->sides() as $side) {
            $least = min($least, Lines::gap($side->start, $side->end, [$this->at->x, $this->at->y], [$this->toX, $this->toY]));
        }

        return $least;
    }
}
