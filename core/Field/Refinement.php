<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** What halving every cell changed, which is how far an answer can be trusted. */
final readonly class Refinement
{
    /** ISO 10211:2007, 5.2.3: the lowest inside surface temperature as a temperature factor changes by less than this. */
    public const SURFACE = 0.005;

    /** A boundary that takes less than this share of all the heat is judged as if it took so much. */
    private const LEAST_SHARE = 0.01;

    private const NOTHING = 1e-6;

    /**
     * @param  float  $flows  largest relative change of Σ|flow|, of a boundary's flow or of its harmonic amplitude
     * @param  float  $total  change of Σ|flow|, W/m
     * @param  float|null  $surface  change of the lowest inside surface temperature ÷ span of the temperatures given
     */
    private function __construct(
        public float $flows,
        public float $total,
        public ?float $surface,
    ) {}

    /** Nothing was halved, so that nothing is known. */
    public static function none(): self
    {
        return new self(INF, INF, null);
    }

    public static function between(MeshSolution $coarse, MeshSolution $fine): self
    {
        // Where nothing flows, what arithmetic leaves is measured against what drives the field.
        $least = self::NOTHING * $fine->network->drive();
        $all = max($least, $fine->steady->total());
        $total = abs($fine->steady->total() - $coarse->steady->total());
        $changes = [self::relative($total, $all, $all)];
        foreach ($fine->steady->flows as $name => $flow) {
            $changes[] = self::relative(abs($flow - $coarse->steady->flows[$name]), abs($flow), $all);
        }
        if ($fine->harmonic !== null && $coarse->harmonic !== null) {
            $all = max($least, array_sum(array_map(static fn (Complex $f): float => $f->modulus(), $fine->harmonic->flows)));
            foreach ($fine->harmonic->flows as $name => $flow) {
                $changes[] = self::relative($flow->minus($coarse->harmonic->flows[$name])->modulus(), $flow->modulus(), $all);
            }
        }

        return new self(max($changes), $total, self::surfaceChange($coarse, $fine));
    }

    private static function relative(float $change, float $value, float $all): float
    {
        $of = max($value, self::LEAST_SHARE * $all);

        return $of > 0.0 ? $change / $of : 0.0;
    }

    private static function surfaceChange(MeshSolution $coarse, MeshSolution $fine): ?float
    {
        $span = $fine->network->mesh->problem->span();
        $before = $coarse->lowestInsideSurface();
        $after = $fine->lowestInsideSurface();

        return $before === null || $after === null || $span === null || $span[1] <= $span[0]
            ? null
            : abs($after - $before) / ($span[1] - $span[0]);
    }

    public function isWithin(float $accuracy): bool
    {
        return $this->flows < $accuracy && ($this->surface ?? 0.0) < self::SURFACE;
    }
}
