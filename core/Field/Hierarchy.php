<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** The levels of the multigrid method, finest first; steady and harmonic solver share them. */
final readonly class Hierarchy
{
    /** @param  non-empty-list<Level>  $levels */
    private function __construct(
        public Network $network,
        public array $levels,
    ) {}

    public static function of(Network $network): self
    {
        $level = new Level($network->mesh->nx, $network->mesh->ny, $network->across, $network->up, $network->beyond);
        $levels = [$level];
        while (! $level->isCoarsest()) {
            $level = $level->coarser();
            $levels[] = $level;
        }

        return new self($network, $levels);
    }

    public function finest(): Level
    {
        return $this->levels[0];
    }
}
