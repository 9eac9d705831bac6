<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

/**
 * A stack cut into cells, from the room outward: cell 0 is next to the room, the last next to what is beyond. Everything is
 * for its whole area.
 */
final readonly class Branch
{
    /** Cells in what stores, in what holds back, and the growth of cells in the ground, m. */
    private const DENSE = 0.02;

    private const LIGHT = 0.05;

    private const GROWTH = 1.5;

    /**
     * @param  non-empty-list<float>  $capacities  of the cells, J/K
     * @param  list<float>  $conductances  from each cell to the next, W/K; one less than cells
     * @param  float  $near  resistance from the surface to the middle of the first cell, m²K/W
     * @param  float  $far  from the middle of the last cell to the temperature beyond, W/K
     * @param  bool  $ground  whether that is the ground's or the space's below, and not the air's outside
     * @param  list<float>  $depths  of the cells' middles under the surface, m
     * @param  list<float>  $sizes  of the cells, m
     * @param  list<string|null>  $parts  that cells belong to, null for the ground
     * @param  list<float>  $warm  how much of each cell is in the warm, 0 to 1, as in MassStack::shares; the ground is not
     */
    private function __construct(
        public string $name,
        public float $area,
        public array $capacities,
        public array $conductances,
        public float $near,
        public float $far,
        public bool $ground,
        public array $depths,
        public array $sizes,
        public array $parts,
        public array $warm,
    ) {}

    /**
     * @param  list<HeatLayer>  $layers  from the room outward, one with a thickness among them
     * @param  float  $beyond  resistance from the last layer's outer face to the temperature beyond, m²K/W
     * @param  list<float>  $shares  how much of each layer is in the warm; none of those that follow
     */
    public static function of(string $name, float $area, array $layers, float $beyond, bool $ground, array $shares): self
    {
        $capacities = $conductances = $depths = $sizes = $parts = $warm = [];
        $before = $near = $depth = 0.0;
        foreach ($layers as $n => $layer) {
            foreach (self::cuts($layer) as $size) {
                $half = $layer->resistance * $size / $layer->thickness / 2;
                if ($capacities === []) {
                    $near = $before + $half;
                } else {
                    $conductances[] = $area / ($before + $half);
                }
                $capacities[] = $area * $layer->capacity * $size;
                $depths[] = $depth + $size / 2;
                $sizes[] = $size;
                $parts[] = $layer->part;
                $warm[] = $shares[$n] ?? 0.0;
                $depth += $size;
                $before = $half;
            }
            if ($layer->thickness <= 0.0) {
                $before += $layer->resistance;
            }
        }
        assert($capacities !== []);

        return new self(
            $name, $area, $capacities, $conductances, $near, $area / ($before + $beyond), $ground, $depths, $sizes, $parts, $warm,
        );
    }

    /** One cell of a given store behind a resistance: a ceiling, of which no layers are known. */
    public static function lumped(string $name, float $area, float $capacity, float $transmittance, float $inside): self
    {
        return new self(
            $name, $area, [$area * $capacity], [], 0.0, $area / max(1e-3, 1 / $transmittance - $inside), false, [0.0], [0.0],
            [null], [1.0],
        );
    }

    /** The cell in which that depth lies. */
    public function cellAt(float $depth): int
    {
        foreach ($this->depths as $i => $middle) {
            if ($depth < $middle + $this->sizes[$i] / 2) {
                return $i;
            }
        }

        return count($this->depths) - 1;
    }

    /** @return list<float> thicknesses of the cells of a layer, m */
    private static function cuts(HeatLayer $layer): array
    {
        if ($layer->thickness <= 0.0) {
            return [];
        }
        if ($layer->part === null && $layer->name === 'ground') {
            $cells = [];
            for ($left = $layer->thickness, $size = self::DENSE; $left > 1e-9; $left -= end($cells), $size *= self::GROWTH) {
                // The last takes what would leave less than half a cell.
                $cells[] = $left < 1.5 * $size ? $left : $size;
            }

            return $cells;
        }
        $count = max(2, (int) ceil($layer->thickness / ($layer->holdsBack() ? self::LIGHT : self::DENSE) - 1e-9));

        return array_fill(0, $count, $layer->thickness / $count);
    }
}
