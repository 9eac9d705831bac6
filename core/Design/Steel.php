<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;

/** The bars in the slab and the edge. A bar of 0 means that nothing is said of them. */
final readonly class Steel implements DesignPart
{
    use Remade;

    /**
     * @param  float  $bar  diameter, m
     * @param  float  $spacing  both ways, m
     * @param  float  $cover  of concrete to the underside, m
     * @param  BarMaterial  $made  these and the bars of edge and wall
     * @param  float  $edgeCover  of concrete where the edge is cast against board or ground, m
     */
    public function __construct(
        #[Size('bar', sold: Stock::Bars)]
        public float $bar = 0.0,
        #[Size('apart', sold: new Steps(0.6, 50, 2, 100, 4))]
        public float $spacing = 0.4,
        #[Size('cover below', sold: new Steps(0.2, 5, 0.25))]
        public float $cover = 0.04,
        #[Size('cover at the edge', sold: new Steps(0.2, 5, 0.25))]
        public float $edgeCover = 0.075,
        #[Size('made of')]
        public BarMaterial $made = BarMaterial::Steel,
        #[Size('held by')]
        public Chairs $chairs = Chairs::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->bar > 0.0;
    }
}
