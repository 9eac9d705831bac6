<?php

declare(strict_types=1);

namespace Ondergrond\Design;

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
        public array $layers,
        public float $topAboveGrade,
        public float $rim = 0.0,
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
