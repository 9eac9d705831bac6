<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** What covers the outside board above the ground: board, render or metal. */
final readonly class Cover implements DesignPart
{
    use Remade;

    /** @param  float  $depthBelowGrade how far it goes on below the ground, so that backfill hides its end, m */
    public function __construct(
        public Layer $layer,
        public float $depthBelowGrade,
        public CoverBacking $backing = CoverBacking::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }
}
