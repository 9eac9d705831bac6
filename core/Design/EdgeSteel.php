<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;
use Ondergrond\Units\Quantity;

/** Bars along footing or beam, dowels from the footing into the wall, and bars in the wall. A bar of 0 is none. */
final readonly class EdgeSteel implements DesignPart, Idle
{
    use Remade;

    /**
     * @param  float  $bar  along footing or beam, diameter, m
     * @param  float  $count  of them in a mat
     * @param  float  $mats  one at the foot, or another near the top of a beam
     * @param  float  $cover  of concrete where it is cast against the ground, m
     * @param  float  $dowel  diameter, m
     * @param  float  $dowelSpacing  along the wall, m
     * @param  float  $wallBar  upright, diameter, m
     * @param  float  $wallSpacing  along the wall, m
     * @param  float  $wallCover  to the inner face of the wall, m
     * @param  float  $lap  of one bar over the next, m; 0: not said
     */
    public function __construct(
        #[Size('bars along it', sold: Stock::Bars)]
        public float $bar = 0.0,
        #[Size('how many in a mat', key: 'count', quantity: Quantity::Ratio)]
        public float $count = 3.0,
        #[Size('mats', key: 'mats', quantity: Quantity::Ratio)]
        public float $mats = 1.0,
        #[Size('cover to the ground', sold: new Steps(0.2, 5, 0.25))]
        public float $cover = 0.075,
        #[Size('dowels', sold: Stock::Bars)]
        public float $dowel = 0.0,
        #[Size('dowels apart', sold: new Steps(2.0, 50, 2, 300, 12))]
        public float $dowelSpacing = 1.2,
        #[Size('bars in the wall', sold: Stock::Bars)]
        public float $wallBar = 0.0,
        #[Size('wall bars apart', sold: new Steps(1.5, 50, 2, 100, 4))]
        public float $wallSpacing = 0.4,
        #[Size('cover inside', sold: new Steps(0.2, 5, 0.25))]
        public float $wallCover = 0.04,
        #[Size('laps', sold: new Steps(2.0, 50, 2))]
        public float $lap = 0.0,
    ) {}

    public function present(): bool
    {
        return $this->bar > 0.0 || $this->dowel > 0.0 || $this->wallBar > 0.0;
    }

    public function idle(): array
    {
        return [
            ...($this->bar > 0.0 ? [] : ['count', 'mats', 'cover']),
            ...($this->dowel > 0.0 ? [] : ['dowelSpacing']),
            ...($this->wallBar > 0.0 ? [] : ['wallSpacing', 'wallCover']),
        ];
    }

    /** The thickest of them, m. */
    public function thickest(): float
    {
        return max($this->bar, $this->dowel, $this->wallBar);
    }
}
