<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** What the cells of a mesh hold and how they hang together, frozen and thawed. Arrays are numbered as in Mesh. */
final readonly class FreezingCells
{
    /**
     * @param  array<int, float>  $frozen  what a cell takes up for a kelvin when frozen, J/K per metre; 0 where nothing is painted
     * @param  array<int, float>  $thawed  the same when thawed
     * @param  array<int, float>  $latent  to thaw all its ice, J per metre; 0 where it holds none
     * @param  list<int>  $water  cells that hold any
     * @param  array<int, float>  $ice  λ_f ÷ λ_u of cells that hold water, by cell
     * @param  array<int, float>  $beyond  conductance to the temperatures beyond, W/(m·K)
     * @param  array<int, list<int>>  $facesOf  by cell that holds water: its faces on boundaries with a temperature
     * @param  float  $sources  heat set free inside, W per metre
     */
    private function __construct(
        public Network $network,
        public int $nx,
        public int $ny,
        public int $stride,
        public array $frozen,
        public array $thawed,
        public array $latent,
        public array $water,
        private array $ice,
        private array $beyond,
        private array $facesOf,
        public float $sources,
    ) {}

    public static function of(Mesh $mesh): self
    {
        $network = Network::of($mesh);
        $patches = $mesh->problem->patches;
        $frozen = $thawed = $latent = array_fill(0, count($network->across), 0.0);
        $water = $ice = [];
        foreach (MeshFilling::owners($patches, $mesh->x, $mesh->y) as $q => $n) {
            $substance = ($patches[$n] ?? null)?->substance;
            if ($substance === null) {
                continue;
            }
            $i = $q % $mesh->stride;
            $j = intdiv($q, $mesh->stride);
            $area = ($mesh->x[$i] - $mesh->x[$i - 1]) * ($mesh->y[$j] - $mesh->y[$j - 1]);
            $thawed[$q] = (float) $substance->capacity * $area;
            $frozen[$q] = ($substance->frozen->capacity ?? (float) $substance->capacity) * $area;
            if ($substance->frozen !== null) {
                $latent[$q] = $substance->frozen->latent * $area;
                $ice[$q] = $substance->frozen->conductivity / $substance->conductivity;
                $water[] = $q;
            }
        }
        $facesOf = [];
        foreach ($network->faceCell as $f => $q) {
            if (isset($ice[$q]) && $network->faceConductance[$f] > 0.0) {
                $facesOf[$q][] = $f;
            }
        }

        return new self(
            $network, $mesh->nx, $mesh->ny, $mesh->stride, $frozen, $thawed, $latent, $water, $ice, $network->beyond, $facesOf,
            array_sum($network->sources),
        );
    }

    /**
     * How they hang together with that much ice: each half of the way conducts as λ_u + (1 − liquid)(λ_f − λ_u). What a corner
     * of materials adds stays as it is when thawed.
     *
     * @param  array<int, float>  $liquid
     */
    public function ties(array $liquid): FreezingTies
    {
        [$across, $up, $beyond, $faces, $s] = [
            $this->network->across, $this->network->up, $this->beyond, $this->network->faceConductance, $this->stride,
        ];
        [$x, $y, $lambda] = [$this->network->mesh->x, $this->network->mesh->y, $this->network->mesh->conductivity];
        $better = [];
        foreach ($this->ice as $q => $ratio) {
            if ($liquid[$q] < 1.0) {
                $better[$q] = 1.0 + (1.0 - $liquid[$q]) * ($ratio - 1.0);
            }
        }
        foreach ($better as $q => $factor) {
            $i = $q % $s;
            $j = intdiv($q, $s);
            $here = ($x[$i] - $x[$i - 1]) / $lambda[$q];
            if ($across[$q] > 0.0) {
                $other = ($x[$i + 1] - $x[$i]) / $lambda[$q + 1];
                $across[$q] *= ($here + $other) / ($here / $factor + $other / ($better[$q + 1] ?? 1.0));
            }
            if ($across[$q - 1] > 0.0 && ! isset($better[$q - 1])) {
                $other = ($x[$i - 1] - $x[$i - 2]) / $lambda[$q - 1];
                $across[$q - 1] *= ($here + $other) / ($here / $factor + $other);
            }
            $here = ($y[$j] - $y[$j - 1]) / $lambda[$q];
            if ($up[$q] > 0.0) {
                $other = ($y[$j + 1] - $y[$j]) / $lambda[$q + $s];
                $up[$q] *= ($here + $other) / ($here / $factor + $other / ($better[$q + $s] ?? 1.0));
            }
            if ($up[$q - $s] > 0.0 && ! isset($better[$q - $s])) {
                $other = ($y[$j - 1] - $y[$j - 2]) / $lambda[$q - $s];
                $up[$q - $s] *= ($here + $other) / ($here / $factor + $other);
            }
            foreach ($this->facesOf[$q] ?? [] as $f) {
                $length = $this->network->faceLength[$f];
                $half = (abs($this->network->faceSide[$f]) === 1 ? $x[$i] - $x[$i - 1] : $y[$j] - $y[$j - 1]) / (2 * $lambda[$q]);
                $faces[$f] = $length / ($length / $faces[$f] - $half + $half / $factor);
                $beyond[$q] += $faces[$f] - $this->network->faceConductance[$f];
            }
        }

        return new FreezingTies($this, $across, $up, $beyond, $faces);
    }

    /**
     * @param  array<string, float>  $named  °C by boundary name
     * @return array<int, float> by boundary: temperature, or flux, beyond it
     */
    public function outside(array $named): array
    {
        return array_map(
            static fn (Boundary $b): float => $b->temperature === null ? $b->flux : $named[$b->name] ?? $b->temperature,
            $this->network->mesh->problem->boundaries,
        );
    }
}
