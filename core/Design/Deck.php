<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;

/** The floor over a basement or a crawlspace. */
final readonly class Deck implements DesignPart
{
    use Remade;

    /**
     * @param  list<Layer>  $layers  from its top down
     * @param  float  $topAboveGrade  m
     * @param  float  $rim  foam board cut in between the joists at their rim, m; 0: none
     * @param  Done  $rimSealed  all round, so that the room's air does not reach the rim
     */
    public function __construct(
        #[Size('layers', sold: new Steps(0.5, 5, 0.125, 5, 0.125))]
        public array $layers,
        #[Size('top above the ground', sold: new Steps(2.0, 10, 0.5))]
        public float $topAboveGrade,
        #[Size('foam at the rim', sold: Stock::Boards)]
        public float $rim = 0.0,
        #[Size('rim sealed', words: ['not-said' => 'rim: not said', 'no' => 'rim open', 'yes' => 'rim sealed'])]
        public Done $rimSealed = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->layers !== [];
    }

    public function thickness(): float
    {
        return array_sum(array_map(static fn (Layer $l): float => $l->thickness, $this->layers));
    }
}
