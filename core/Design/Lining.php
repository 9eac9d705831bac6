<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** What stands inside the stem wall, from its top down to the floor. */
final readonly class Lining implements DesignPart
{
    use Remade;

    /**
     * @param  list<Layer>  $layers  from the room to the wall
     * @param  float  $gapAboveFloor  left bare at its foot, m
     * @param  Done  $sealed  joints of its boards taped or foamed
     * @param  Bond  $bond  what holds them on the wall
     */
    public function __construct(
        #[Size('layers', sold: new Steps(0.5, 5, 0.125, 5, 0.125))]
        public array $layers,
        #[Size('bare above the floor', sold: new Steps(3.0, 50, 2))]
        public float $gapAboveFloor = 0.0,
        #[Size('joints sealed', words: ['not-said' => 'joints: not said', 'no' => 'joints open', 'yes' => 'joints sealed'])]
        public Done $sealed = Done::NotSaid,
        #[Size('held on the wall by')]
        public Bond $bond = Bond::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->thickness() > 0.0;
    }

    public function thickness(): float
    {
        return array_sum(array_map(static fn (Layer $l): float => $l->thickness, $this->layers));
    }
}
