<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;

/** Bolts that hold the wall's plate to the concrete. A bolt of 0 is none. */
final readonly class Anchors implements DesignPart
{
    use Remade;

    /**
     * @param  float  $bolt  diameter, m
     * @param  float  $apart  along the plate, m
     * @param  float  $deep  into the concrete, m
     * @param  float  $fromEnd  from the end of each length of plate, m
     */
    public function __construct(
        #[Size('bolt', sold: Stock::Bars)]
        public float $bolt = 0.0,
        #[Size('apart', sold: new Steps(3.0, 100, 6))]
        public float $apart = 1.2,
        #[Size('into the concrete', sold: new Steps(0.6, 25, 1))]
        public float $deep = 0.18,
        #[Size('from a plate’s end', sold: new Steps(0.6, 25, 1))]
        public float $fromEnd = 0.25,
        #[Size('come in')]
        public BoltsSet $set = BoltsSet::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->bolt > 0.0;
    }
}
