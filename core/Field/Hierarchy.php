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

    /**
     * A field of the next coarser mesh between its centres, along the paths of heat: a guess for the finest.
     *
     * @param  array<int, float>  $coarse  by cell of a mesh with half as many rows and columns
     * @return array<int, float> by cell of the finest
     */
    public function interpolated(array $coarse): array
    {
        $fine = $this->levels[0];
        $stride = ($fine->nx >> 1) + 2;
        $values = array_fill(0, $fine->size, 0.0);
        for ($j = 1; $j <= $fine->ny; $j++) {
            $row = (($j + 1) >> 1) * $stride;
            $beside = ($j & 1) === 1 ? -$stride : $stride;
            for ($i = 1, $q = $j * $fine->stride + 1; $i <= $fine->nx; $i++, $q++) {
                $from = $row + (($i + 1) >> 1);
                $own = $coarse[$from];
                $values[$q] = $own + $fine->weightX[$q] * ($coarse[($i & 1) === 1 ? $from - 1 : $from + 1] - $own) + $fine
                    ->weightY[$q] * ($coarse[$from + $beside] - $own);
            }
        }

        return $values;
    }

    public function finest(): Level
    {
        return $this->levels[0];
    }
}
