<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Item;
use Ondergrond\Plan\ItemKind;
use Ondergrond\Plan\MeasuredFrom;
use Ondergrond\Plan\Passes;
use Ondergrond\Plan\Spot;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** A pipe through the concrete that something is led through later. */
final readonly class Sleeve implements Item
{
    use Placed;

    /**
     * @param  float  $x  of its centre, m
     * @param  float  $y  of its centre, m
     * @param  float  $level  of its centre, over the ground at the common edge, m
     * @param  float  $diameter  outside, m
     * @param  float  $tolerance  to either side, m; 10 mm, 6 at finished faces: common practice, no source
     */
    public function __construct(
        #[Size('name')]
        public string $name,
        #[Size('along', quantity: Quantity::Length)]
        public float $x,
        #[Size('across', quantity: Quantity::Length)]
        public float $y,
        #[Size('level', quantity: Quantity::Length)]
        public float $level,
        #[Size('diameter')]
        public float $diameter = 0.11,
        #[Size('passes')]
        public Passes $passes = Passes::Floor,
        #[Size('measured from')]
        public MeasuredFrom $from = MeasuredFrom::Outer,
        #[Size('tolerance')]
        public float $tolerance = 0.01,
        #[Size('trade')]
        public Trade $trade = Trade::Plumber,
    ) {}

    public function kind(): ItemKind
    {
        return ItemKind::Sleeve;
    }

    public function spots(): array
    {
        return [new Spot('', $this->x, $this->y, $this->level)];
    }
}
