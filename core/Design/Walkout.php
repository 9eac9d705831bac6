<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** The side where the ground lies lower and one walks out: a section of its own. A drop of 0 means there is none. */
final readonly class Walkout implements DesignPart
{
    use Remade;

    /**
     * @param  float  $drop  how far the ground there lies below that of the other sides, m
     * @param  float  $footingDepth  of the footing's underside below the ground there, m
     */
    public function __construct(
        #[Size('ground lower by', sold: new Steps(6.0, 50, 2))]
        public float $drop,
        #[Size('footing deep', sold: new Steps(3.0, 50, 2))]
        public float $footingDepth,
        #[Size('over the floor')]
        public WalkoutWall $wall = WalkoutWall::Timber,
    ) {}

    public function present(): bool
    {
        return $this->drop > 0.0;
    }
}
