<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** Pipes along the footing, outer and inner; a diameter of 0 means there is none. */
final readonly class Drains implements DesignPart
{
    use Remade;

    /**
     * @param  float  $outer  diameter, m
     * @param  float  $inner  diameter, m
     */
    public function __construct(
        #[Size('outer', sold: new Steps(0.4, 10, 1))]
        public float $outer,
        #[Size('inner', sold: new Steps(0.4, 10, 1))]
        public float $inner,
        #[Size('lead to')]
        public DrainOutlet $outlet = DrainOutlet::NotSaid,
        #[Size('made of')]
        public DrainMade $made = DrainMade::Pipe,
    ) {}

    /** Whether the inner drain gathers soil gas as well: hollow boards under the slab's edge all round. */
    public function gathersGas(): bool
    {
        return $this->made === DrainMade::FormBoards && $this->inner > 0.0;
    }

    public function present(): bool
    {
        return $this->outer > 0.0 || $this->inner > 0.0;
    }
}
