<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** The steady temperatures of a section. */
final readonly class SteadyField
{
    /**
     * @param  array<int, float>  $cells  by cell, numbered as in Mesh, °C
     * @param  array<int, float|null>  $nodes  by node, numbered as in NodeValues, °C
     * @param  array<string, float>  $flows  into the section at each named boundary, W per metre of depth
     * @param  float  $balance  |sum of all heat that goes in| ÷ sum of its absolute values
     */
    private function __construct(
        public Mesh $mesh,
        public array $cells,
        public array $nodes,
        public array $flows,
        public float $balance,
    ) {}

    /** @param  array<int, float>  $cells */
    public static function of(Network $network, array $cells): self
    {
        $beyond = array_map(static fn (Boundary $b): float => $b->temperature ?? $b->flux, $network->mesh->problem->boundaries);
        $flows = $network->flows($cells, $beyond);

        return new self($network->mesh, $cells, NodeValues::of($network, $cells, $beyond), $flows, self::balance($network, $flows));
    }

    /** @param  array<string, float>  $flows */
    private static function balance(Network $network, array $flows): float
    {
        $sources = array_sum($network->sources);
        $all = array_sum(array_map(abs(...), $flows)) + array_sum(array_map(abs(...), $network->sources));
        // Where no heat flows at all, what arithmetic leaves of it is measured against what drives the field.
        $least = 1e-6 * $network->drive();

        return $all + $least > 0.0 ? abs(array_sum($flows) + $sources) / max($all, $least) : 0.0;
    }

    /** Σ|flow|, W per metre of depth. */
    public function total(): float
    {
        return array_sum(array_map(abs(...), $this->flows));
    }
}
