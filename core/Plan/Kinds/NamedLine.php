<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** Any other line that is worth a name. */
final readonly class NamedLine implements Item
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
        return 'line';
    }

    public static function label(): string
    {
        return 'Line';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.05, trade: Trade::Installer);
    }

    public function marks(): array
    {
        return [Mark::along(Sign::Line, $this->at->x, $this->at->y, $this->toX, $this->toY)];
    }
}
