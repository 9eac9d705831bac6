<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** One crack of an old wall or floor, and what is done about it before it is covered. */
final readonly class Crack
{
    use Remade;

    /**
     * @param  float  $width  m
     * @param  Done  $wet  whether water was seen in it
     * @param  Done  $chased  opened to a groove that holds a filling
     * @param  Done  $filled  with hydraulic cement or injected resin
     * @param  Done  $drained  led to the drain, so that what still comes has a way
     */
    public function __construct(
        #[Size('width', sold: new Steps(0.02, 1, 0.0625))]
        public float $width = 0.001,
        #[Size('water', words: ['not-said' => 'not said', 'no' => 'dry', 'yes' => 'wet'])]
        public Done $wet = Done::NotSaid,
        #[Size('chased', words: ['not-said' => 'not said', 'no' => 'not chased', 'yes' => 'chased'])]
        public Done $chased = Done::NotSaid,
        #[Size('filled', words: ['not-said' => 'not said', 'no' => 'not filled', 'yes' => 'filled'])]
        public Done $filled = Done::NotSaid,
        #[Size('to the drain', words: ['not-said' => 'not said', 'no' => 'not led to the drain', 'yes' => 'led to the drain'])]
        public Done $drained = Done::NotSaid,
    ) {}
}
