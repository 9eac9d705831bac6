<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/**
 * The section in cells. Arrays over cells have a border of empty cells all round, so that every cell has four
 * neighbours: cell (i, j), i = 1…nx, j = 1…ny, stands at j·stride + i with stride nx + 2, between the lines x[i − 1]
 * and x[i], y[j − 1] and y[j].
 */
final readonly class Mesh
{
    /** No mesh has more cells than this; it keeps memory within 256 MB. */
    public const MOST_CELLS = 180_000;

    /** A first mesh leaves room for one doubling. */
    private const MOST_CELLS_AT_FIRST = 45_000;

    /**
     * @param  non-empty-list<float>  $x  lines, rising, m
     * @param  non-empty-list<float>  $y
     * @param  array<int, float>  $conductivity  by cell, W/(m·K); 0 where nothing is painted
     * @param  array<int, float>  $capacity  by cell, J/(m³·K); 0 where none is given
     * @param  int  $halvings  how often every cell of the first mesh was halved
     */
    private function __construct(
        public Problem $problem,
        private Axis $across,
        private Axis $up,
        public array $x,
        public array $y,
        public int $nx,
        public int $ny,
        public int $stride,
        public array $conductivity,
        public array $capacity,
        public int $halvings,
    ) {}

    /** @throws FaultyInput where the edges are too many for a mesh */
    public static function of(Problem $problem): self
    {
        [$across, $up] = GridLines::of($problem);
        self::refuseTooMany($across->cells() * $up->cells());

        return self::on($problem, $across, $up, 0);
    }

    /** @throws FaultyInput where the first mesh has, or would have, too many cells */
    public static function refuseTooMany(int $cells): void
    {
        if ($cells > self::MOST_CELLS_AT_FIRST) {
            throw FaultyInput::one(
                Fault::of(
                    '/regions',
                    sprintf('edges that need a mesh of %d cells to begin with', $cells),
                    sprintf('at most %d; leave out the smallest parts', self::MOST_CELLS_AT_FIRST),
                ),
            );
        }
    }

    private static function on(Problem $problem, Axis $across, Axis $up, int $halvings): self
    {
        $x = $across->lines($halvings);
        $y = $up->lines($halvings);
        $nx = count($x) - 1;
        $ny = count($y) - 1;
        [$conductivity, $capacity] = MeshFilling::paint($problem->patches, $x, $y);

        return new self($problem, $across, $up, $x, $y, $nx, $ny, $nx + 2, $conductivity, $capacity, $halvings);
    }

    public function halved(): self
    {
        return self::on($this->problem, $this->across, $this->up, $this->halvings + 1);
    }

    /** Doubling both ways stays within MOST_CELLS. */
    public function canBeHalved(): bool
    {
        return 4 * $this->nx * $this->ny <= self::MOST_CELLS;
    }

    /** How many cells are painted: the unknowns. */
    public function cells(): int
    {
        return count(array_filter($this->conductivity, static fn (float $lambda): bool => $lambda > 0.0));
    }
}
