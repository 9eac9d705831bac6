<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** A problem's winter gone through to its end, on its first mesh. */
final readonly class FreezingSolution
{
    /**
     * @param  array<string, list<float>>  $fronts  by line: how deep frost reaches below the surface at the end of each day, m; 0 where nothing is frozen
     * @param  array<string, list<float|null>>  $probes  by probe: °C at the end of each day
     * @param  list<float>  $ice  area of ice at the end of each day, m²
     * @param  float  $seconds  it took
     */
    private function __construct(
        public Problem $problem,
        public Freezing $freezing,
        public FreezingState $last,
        public array $fronts,
        public array $probes,
        public array $ice,
        public float $seconds,
    ) {}

    /** @param  Problem  $problem with a winter */
    public static function of(Problem $problem): self
    {
        $begun = hrtime(true);
        $winter = $problem->winter ?? new Winter([]);
        $mesh = Mesh::of($problem);
        $freezing = new Freezing(FreezingCells::of($mesh), self::start($mesh, $winter->start));
        $fronts = array_map(static fn (): array => [], $winter->lines);
        $ice = $probes = [];
        $state = new FreezingState($mesh, $freezing->temperatures(), $freezing->liquid());
        for ($day = 0; $day < $winter->length(); $day++) {
            $freezing->step($winter->day($day));
            $state = new FreezingState($mesh, $freezing->temperatures(), $freezing->liquid());
            foreach ($winter->lines as $name => $x) {
                $lowest = $state->lowestFrost($x);
                $fronts[$name][] = $lowest === null ? 0.0 : (float) $state->surface($x) - $lowest;
            }
            foreach ($problem->probes as $probe) {
                $probes[$probe->name][] = $state->temperatureAt($probe->x, $probe->y);
            }
            $ice[] = $state->frozenArea(-INF, -INF, INF, INF);
        }

        return new self($problem, $freezing, $state, $fronts, $probes, $ice, (hrtime(true) - $begun) / 1e9);
    }

    /** @return array<int, float> °C by cell */
    private static function start(Mesh $mesh, ?float $everywhere): array
    {
        return $everywhere === null ? MeshSolution::of($mesh)->steady->cells : array_fill(0, count($mesh->conductivity), $everywhere);
    }
}
