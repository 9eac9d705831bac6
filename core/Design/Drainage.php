<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** The dimple or drainage layer outside membrane and boards, from the footing up. */
final readonly class Drainage implements DesignPart
{
    use Remade;

    /**
     * @param  float  $topBelowGrade m
     * @param  Done  $filter  fabric on its outer face, which keeps the ground out of it
     */
    public function __construct(
        #[Size('thickness', sold: new Steps(0.1, 1, 0.125))]
        public Layer $layer,
        #[Size('top below ground', sold: new Steps(3.0, 50, 2))]
        public float $topBelowGrade,
        #[Size('filter on it', words: ['not-said' => 'filter: not said', 'no' => 'no filter', 'yes' => 'with a filter'])]
        public Done $filter = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }
}
