<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use Ondergrond\Fault\FaultyInput;

/** A section to be solved: what it is painted with, what acts on its edges and inside, what is wanted of it. */
final readonly class Problem
{
    /** ISO 10211:2007, 5.2.3: doubling the subdivisions changes the heat flows by less than 1 %. */
    public const ACCURACY = 0.01;

    /** A year of 365.25 days, s. */
    public const YEAR = 31_557_600.0;

    /**
     * @param  list<Patch>  $patches  painted in this order, later over earlier
     * @param  list<Boundary>  $boundaries
     * @param  list<HeatSource>  $sources
     * @param  list<Probe>  $probes
     * @param  list<Fine>  $fine
     */
    private function __construct(
        public array $patches,
        public array $boundaries,
        public array $sources,
        public array $probes,
        public float $accuracy,
        public ?float $period,
        public array $fine,
        public ?Winter $winter,
    ) {}

    /**
     * @param  list<Patch>  $patches
     * @param  list<Boundary>  $boundaries
     * @param  list<HeatSource>  $sources
     * @param  list<Probe>  $probes
     * @param  float  $accuracy  relative change of the flows at doubling that is small enough
     * @param  float|null  $period  of the harmonic answer, s; null where only the steady one is wanted
     * @param  list<Fine>  $fine  where the mesh has to be fine
     * @param  Winter|null  $winter  to be gone through by `Freezing`
     *
     * @throws FaultyInput with pointers into the section file
     */
    public static function of(
        array $patches,
        array $boundaries,
        array $sources = [],
        array $probes = [],
        float $accuracy = self::ACCURACY,
        ?float $period = null,
        array $fine = [],
        ?Winter $winter = null,
    ): self {
        $problem = new self($patches, $boundaries, $sources, $probes, $accuracy, $period, $fine, $winter);
        $faults = ProblemFaults::of($problem);
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }

        return $problem;
    }

    /** Harmonic answer wanted. */
    public function swings(): bool
    {
        return $this->period !== null;
    }

    /** ω = 2π ÷ period, 1/s; 0 where no harmonic answer is wanted. */
    public function angularFrequency(): float
    {
        return $this->period === null ? 0.0 : 2 * M_PI / $this->period;
    }

    /** @return array{float, float}|null lowest and highest temperature given at a boundary, °C */
    public function span(): ?array
    {
        $given = array_filter(array_map(static fn (Boundary $b): ?float => $b->temperature, $this->boundaries), is_float(...));

        return $given === [] ? null : [min($given), max($given)];
    }

    /** @return list<string> the boundaries' names, each once, in the order given */
    public function names(): array
    {
        return array_values(array_unique(array_map(static fn (Boundary $b): string => $b->name, $this->boundaries)));
    }
}
