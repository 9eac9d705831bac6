<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/**
 * One grid of the multigrid hierarchy: a five-point network and what its smoother needs. All arrays are over cells,
 * numbered as in Mesh, with the border of empty cells that lets every loop run without asking for an edge.
 */
final class Level
{
    public readonly int $stride;

    public readonly int $size;

    /** @var array<int, float> what each cell gives to all its neighbours and beyond, W/(m·K); 1 for an empty cell */
    public readonly array $diagonal;

    /** @var array<int, float> fraction that the next coarser cell beside, not the cell's own, has in its correction */
    public array $weightX = [];

    /** @var array<int, float> the same for the coarser cell below or above */
    public array $weightY = [];

    /** @var bool whether the next coarser level has half as many columns */
    public bool $joinsColumns = false;

    public bool $joinsRows = false;

    /**
     * @param  array<int, float>  $across  conductance to the cell on the right
     * @param  array<int, float>  $up  conductance to the cell above
     * @param  array<int, float>  $beyond  conductance to the temperatures beyond
     */
    public function __construct(
        public readonly int $nx,
        public readonly int $ny,
        public readonly array $across,
        public readonly array $up,
        public readonly array $beyond,
    ) {
        $s = $this->stride = $nx + 2;
        $this->size = $s * ($ny + 2);
        $diagonal = array_fill(0, $this->size, 0.0);
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $nx; $q < $end; $q++) {
                $d = $beyond[$q] + $across[$q - 1] + $across[$q] + $up[$q - $s] + $up[$q];
                $diagonal[$q] = $d > 0.0 ? $d : 1.0;
            }
        }
        $this->diagonal = $diagonal;
    }

    public function isCoarsest(): bool
    {
        return $this->nx <= 2 && $this->ny <= 2;
    }

    /**
     * The next coarser level: cells joined two by two. Its conductances are those of the path between the centres of
     * the joined cells, row beside row and column beside column, so that thin layers and webs keep their effect.
     */
    public function coarser(): self
    {
        [$nx, $ny, $s] = [$this->nx, $this->ny, $this->stride];
        $this->joinsColumns = $nx > 2;
        $this->joinsRows = $ny > 2;
        $shiftX = $this->joinsColumns ? 1 : 0;
        $shiftY = $this->joinsRows ? 1 : 0;
        $columns = ($nx + $shiftX) >> $shiftX;
        $rows = ($ny + $shiftY) >> $shiftY;
        $stride = $columns + 2;
        $across = $up = $beyond = array_fill(0, $stride * ($rows + 2), 0.0);
        $weightX = $weightY = array_fill(0, $this->size, 0.0);
        for ($j = 1; $j <= $ny; $j++) {
            $row = (($j + $shiftY) >> $shiftY) * $stride;
            $topOfPair = $shiftY === 0 || ($j & 1) === 0;
            for ($i = 1, $q = $j * $s + 1; $i <= $nx; $i++, $q++) {
                $to = $row + (($i + $shiftX) >> $shiftX);
                $beyond[$to] += $this->beyond[$q];
                if ($this->across[$q] > 0.0 && ($shiftX === 0 || ($i & 1) === 0)) {
                    $left = $shiftX === 1 ? self::half($this->across[$q - 1]) : 0.0;
                    $right = $shiftX === 1 ? self::half($this->across[$q + 1]) : 0.0;
                    $path = $left + 1 / $this->across[$q] + $right;
                    $across[$to] += 1 / $path;
                    $weightX[$q] = $left / $path;
                    $weightX[$q + 1] = $right / $path;
                }
                if ($this->up[$q] > 0.0 && $topOfPair) {
                    $below = $shiftY === 1 ? self::half($this->up[$q - $s]) : 0.0;
                    $above = $shiftY === 1 ? self::half($this->up[$q + $s]) : 0.0;
                    $path = $below + 1 / $this->up[$q] + $above;
                    $up[$to] += 1 / $path;
                    $weightY[$q] = $below / $path;
                    $weightY[$q + $s] = $above / $path;
                }
            }
        }
        $this->weightX = $weightX;
        $this->weightY = $weightY;

        return new self($columns, $rows, $across, $up, $beyond);
    }

    /** Half the resistance of a conductance; none where there is none. */
    private static function half(float $conductance): float
    {
        return $conductance > 0.0 ? 0.5 / $conductance : 0.0;
    }
}
