<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** What covers the outside board above the ground: board, render or metal. */
final readonly class Cover implements DesignPart
{
    use Remade;

    /** @param  float  $depthBelowGrade how far it goes on below the ground, so that backfill hides its end, m */
    public function __construct(
        #[Size('thickness', sold: new Steps(0.06, 1, 0.125))]
        public Layer $layer,
        #[Size('below ground', sold: new Steps(1.0, 10, 0.5))]
        public float $depthBelowGrade,
        #[Size('on the foam')]
        public CoverBacking $backing = CoverBacking::NotSaid,
        #[Size(
            'over the membrane', words: ['not-said' => 'over the membrane: not said', 'no' => 'not lapped over it',
                'yes' => 'lapped over it'],
        )]
        public Done $lapped = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }
}
