<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Item;
use Ondergrond\Plan\ItemKind;
use Ondergrond\Plan\MeasuredFrom;
use Ondergrond\Plan\Spot;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** A pipe in the ground from its high end to its outlet. */
final readonly class DrainRun implements Item
{
    use Placed;

    /**
     * @param  float  $x  of its high end, m
     * @param  float  $y  of its high end, m
     * @param  float  $level  of its invert there, over the ground at the common edge, m
     * @param  float  $toX  of its low end, m
     * @param  float  $toY  of its low end, m
     * @param  float  $toLevel  of its invert there, m
     * @param  float  $diameter  outside, m
     * @param  float  $tolerance  to either side, m; common practice, no source
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
        #[Size('low end, along', quantity: Quantity::Length)]
        public float $toX,
        #[Size('low end, across', quantity: Quantity::Length)]
        public float $toY,
        #[Size('low end, level', quantity: Quantity::Length)]
        public float $toLevel,
        #[Size('diameter')]
        public float $diameter = 0.11,
        #[Size('measured from')]
        public MeasuredFrom $from = MeasuredFrom::Outer,
        #[Size('tolerance')]
        public float $tolerance = 0.02,
        #[Size('trade')]
        public Trade $trade = Trade::Plumber,
    ) {}

    public function kind(): ItemKind
    {
        return ItemKind::Drain;
    }

    public function spots(): array
    {
        return [
            new Spot('high end', $this->x, $this->y, $this->level),
            new Spot('low end', $this->toX, $this->toY, $this->toLevel),
        ];
    }

    public function isOfDesign(): bool
    {
        return true;
    }

    public function mayLeave(): bool
    {
        return true;
    }

    /** In plan, m. */
    public function length(): float
    {
        return hypot($this->toX - $this->x, $this->toY - $this->y);
    }

    /** Drop over length; negative where the water would run back. */
    public function fall(): float
    {
        return $this->length() > 0.0 ? ($this->level - $this->toLevel) / $this->length() : 0.0;
    }
}
