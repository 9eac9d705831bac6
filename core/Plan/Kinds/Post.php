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

/** A post on the slab or its pad. */
final readonly class Post implements Item
{
    use Placed;

    /**
     * @param  float  $x  of its centre, m
     * @param  float  $y  of its centre, m
     * @param  float  $level  that it stands on, over the ground at the common edge, m
     * @param  float  $width  of its square plate, m
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
        #[Size('plate')]
        public float $width = 0.2,
        #[Size('measured from')]
        public MeasuredFrom $from = MeasuredFrom::Outer,
        #[Size('tolerance')]
        public float $tolerance = 0.006,
        #[Size('trade')]
        public Trade $trade = Trade::Carpenter,
    ) {}

    public function kind(): ItemKind
    {
        return ItemKind::Post;
    }

    public function spots(): array
    {
        return [new Spot('', $this->x, $this->y, $this->level)];
    }
}
