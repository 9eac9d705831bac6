<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The dimple or drainage layer outside membrane and boards, from the footing up. */
final readonly class Drainage implements DesignPart
{
    use Remade;

    /**
     * @param  float  $topBelowGrade m
     * @param  Done  $filter  fabric on its outer face, which keeps the ground out of it
     */
    public function __construct(
        public Layer $layer,
        public float $topBelowGrade,
        public Done $filter = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }
}
