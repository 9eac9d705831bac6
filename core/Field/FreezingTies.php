<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** How the cells hang together and with what lies beyond during one step. Arrays are numbered as in Mesh. */
final readonly class FreezingTies
{
    /**
     * @param  array<int, float>  $across  conductance to the cell on the right, W/(m·K)
     * @param  array<int, float>  $up  conductance to the cell above
     * @param  array<int, float>  $beyond  conductance to the temperatures beyond
     * @param  array<int, float>  $faces  by face of a boundary, as in Network
     */
    public function __construct(
        private FreezingCells $cells,
        public array $across,
        public array $up,
        public array $beyond,
        private array $faces,
    ) {}

    /**
     * Heat into each cell from beyond, for a cell at 0 °C, and from within, W per metre.
     *
     * @param  array<int, float>  $outside  by boundary
     * @return array<int, float>
     */
    public function load(array $outside): array
    {
        $network = $this->cells->network;
        $load = $network->sources;
        $boundaries = $network->mesh->problem->boundaries;
        foreach ($network->faceCell as $f => $q) {
            $b = $network->faceBoundary[$f];
            $load[$q] += ($boundaries[$b]->temperature === null ? $network->faceLength[$f] : $this->faces[$f]) * $outside[$b];
        }

        return $load;
    }

    /**
     * Heat that each cell is left with, W per metre.
     *
     * @param  array<int, float>  $t
     * @param  array<int, float>  $load
     * @return array<int, float>
     */
    public function net(array $t, array $load): array
    {
        [$s, $across, $up, $beyond, $holds] = [$this->cells->stride, $this->across, $this->up, $this->beyond, $this->cells->thawed];
        $net = array_fill(0, count($t), 0.0);
        for ($j = 1; $j <= $this->cells->ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $this->cells->nx; $q < $end; $q++) {
                $here = $t[$q];
                $net[$q] = $holds[$q] > 0.0
                    ? $load[$q] - $beyond[$q] * $here + $across[$q - 1] * ($t[$q - 1] - $here) + $across[$q] * ($t[$q + 1] - $here)
                    + $up[$q - $s] * ($t[$q - $s] - $here) + $up[$q] * ($t[$q + $s] - $here) : 0.0;
            }
        }

        return $net;
    }

    /**
     * @param  array<int, float>  $t
     * @param  array<int, float>  $outside  by boundary
     * @return array<string, float> W per metre, by boundary name
     */
    public function flows(array $t, array $outside): array
    {
        return $this->cells->network->flows($t, $outside, $this->faces);
    }
}
