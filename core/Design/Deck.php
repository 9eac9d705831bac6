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
     */
    public function __construct(
        public array $layers,
        public float $topAboveGrade,
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
