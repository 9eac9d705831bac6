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

/** A line that is cut or formed so that the slab cracks there and nowhere else. */
final readonly class ControlJoint implements Item
{
    use Placed;

    /**
     * @param  float  $x  of one end, m
     * @param  float  $y  of one end, m
     * @param  float  $level  of the surface it is cut in, over the ground at the common edge, m
     * @param  float  $toX  of the other end, m
     * @param  float  $toY  of the other end, m
     * @param  float  $depth  of the cut, m; a quarter of the slab, 25 mm at least (ACI 302.1R, from memory)
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
        #[Size('other end, along', quantity: Quantity::Length)]
        public float $toX,
        #[Size('other end, across', quantity: Quantity::Length)]
        public float $toY,
        #[Size('depth')]
        public float $depth = 0.025,
        #[Size('measured from')]
        public MeasuredFrom $from = MeasuredFrom::Outer,
        #[Size('tolerance')]
        public float $tolerance = 0.025,
        #[Size('trade')]
        public Trade $trade = Trade::Installer,
    ) {}

    public function kind(): ItemKind
    {
        return ItemKind::Joint;
    }

    public function spots(): array
    {
        return [
            new Spot('one end', $this->x, $this->y, $this->level),
            new Spot('other end', $this->toX, $this->toY, $this->level),
        ];
    }

    public function isOfDesign(): bool
    {
        return true;
    }

    /** m. */
    public function length(): float
    {
        return hypot($this->toX - $this->x, $this->toY - $this->y);
    }
}
