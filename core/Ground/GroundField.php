<?php

declare(strict_types=1);

namespace Ondergrond\Ground;

use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Field\Complex;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\AnnualWave;
use Ondergrond\Site\Site;

/**
 * The temperatures in and under one side of a floor through the year: T = θ̄_e + (θ̄_i − θ̄_e)·u + Re(θ̂·e^{iφ}), u the
 * steady field of one kelvin, θ̂ the harmonic one, φ = 0 at the coldest moment of the year.
 */
final readonly class GroundField
{
    /**
     * @param  Design  $design  as it is built along the stretch
     * @param  Side  $side  the stretch's kind
     * @param  SpaceAir|null  $space  the air of an unheated space below; null where there is none
     */
    private function __construct(
        public Site $site,
        public Stretch $stretch,
        public Design $design,
        public Side $side,
        public AnnualWave $outdoor,
        public Solution $solution,
        public ?SpaceAir $space,
    ) {}

    /**
     * @param  float|null  $groundConductivity  W/(m·K); null: that of the site's soil class
     * @param  bool  $yearly  with the swing of the year, which takes twice as long as the mean; without it all swings are 0
     * @param  int|null  $mostCells  at which its mesh is fine enough for a first look; null: as its accuracy asks for
     */
    public static function of(
        Site $site,
        Design $design,
        Side $side = Side::Edge,
        ?float $groundConductivity = null,
        bool $yearly = true,
        ?int $mostCells = null,
    ): self {
        return self::along($site, Stretch::like($design, $side), $groundConductivity, $yearly, $mostCells);
    }

    /**
     * Of one stretch of a design's edge.
     *
     * @param  float|null  $groundConductivity  as `of` has it
     */
    public static function along(
        Site $site,
        Stretch $stretch,
        ?float $groundConductivity = null,
        bool $yearly = true,
        ?int $mostCells = null,
    ): self {
        [$design, $side] = [$stretch->design, $stretch->kind];
        $lambda = $groundConductivity ?? $site->soil->conductivity();
        $space = SpaceAir::of($site, $design, $lambda, $side);

        return new self(
            $site, $stretch, $design, $side, $site->climate->wave(),
            Solution::of(SectionProblem::of($site, $design, $lambda, $side, $space, $yearly), $mostCells), $space,
        );
    }

    /**
     * Of all of them; equal ones are solved once.
     *
     * @param  non-empty-list<Stretch>  $stretches  the common edge first
     * @return non-empty-array<string, self> by the stretch's id
     */
    public static function each(Site $site, array $stretches, bool $yearly = true, ?int $mostCells = null): array
    {
        $solved = [];
        foreach ($stretches as $stretch) {
            foreach ($solved as $other) {
                if ($stretch->isBuiltLike($other->stretch)) {
                    $solved[$stretch->id] = new self(
                        $site, $stretch, $other->design, $other->side, $other->outdoor, $other->solution, $other->space,
                    );

                    continue 2;
                }
            }
            $solved[$stretch->id] = self::along($site, $stretch, yearly: $yearly, mostCells: $mostCells);
        }

        return $solved;
    }

    /** Whether two stretches have one and the same section, so that solving one solves both. */
    public static function isSame(Site $site, Stretch $a, Stretch $b): bool
    {
        $problem = static fn (Stretch $s): Problem => SectionProblem::of(
            $site, $s->design, $site->soil->conductivity(), $s->kind, null, false,
        );

        return $a->kind === $b->kind && serialize($problem($a)) === serialize($problem($b)) && SpaceAir::isSame($a->design, $b->design);
    }

    /** Inside less outside, means of the year, K. */
    public function difference(): float
    {
        return $this->site->indoor - $this->outdoor->mean;
    }

    /** φ in that month: 1.0 is the middle of January; rad. */
    public function phase(float $month): float
    {
        return 2 * M_PI * ($month - $this->outdoor->coldest) / 12;
    }

    /** The mean of the year at a place, °C; null in the air. */
    public function meanAt(float $x, float $y): ?float
    {
        $share = $this->solution->temperatureAt($x, $y);

        return $share === null ? null : $this->outdoor->mean + $this->difference() * $share;
    }

    /** @return float|null °C; null in the air */
    public function temperatureAt(float $x, float $y, float $month): ?float
    {
        $mean = $this->meanAt($x, $y);
        $swing = $this->solution->amplitudeAt($x, $y);

        return $mean === null || $swing === null ? null : $mean + $swing->at($this->phase($month));
    }

    /** Air of the unheated space below, °C; null where there is none. */
    public function spaceTemperature(float $month): ?float
    {
        return $this->space === null
            ? null
            : $this->outdoor->mean + $this->difference() * $this->space->share + $this->space->swing->at($this->phase($month));
    }

    /** @return array{float, float}|null the same in its coldest and its warmest month */
    public function spaceSpan(): ?array
    {
        $months = array_filter(array_map($this->spaceTemperature(...), range(1, 12)), is_float(...));

        return $months === [] ? null : [min($months), max($months)];
    }

    /** Out of the room through floor, stem, wall and deck, for one kelvin between inside and outside: L2D of ISO 10211, W/(m·K). */
    public function couplingCoefficient(): float
    {
        return array_sum($this->shares());
    }

    /**
     * How far L2D may still be off, W/(m·K): what the last halving of its mesh changed, since each changes about half of what the one
     * before did. Σ|flow| counts what goes in and what comes out. Null where nothing was halved.
     */
    public function couplingError(): ?float
    {
        $change = $this->solution->refinement->total;

        return is_finite($change) ? $change / 2 : null;
    }

    /** @return array<string, float> L2D by inside boundary, W/(m·K) */
    public function shares(): array
    {
        return array_intersect_key($this->solution->steady->flows, array_flip(SectionProblem::INSIDE));
    }

    /** Out of the room, W per metre of edge. */
    public function swing(): Complex
    {
        $sum = Complex::zero();
        foreach (SectionProblem::INSIDE as $name) {
            $sum = $sum->plus($this->solution->harmonic->flows[$name] ?? Complex::zero());
        }

        return $sum;
    }

    /**
     * What enters the section at each boundary in the middle of each month.
     *
     * @return array<string, list<float>> by boundary: twelve values, January first, W per metre of edge
     */
    public function monthlyFlows(): array
    {
        $months = [];
        foreach ($this->solution->steady->flows as $name => $steady) {
            $swing = $this->solution->harmonic->flows[$name] ?? Complex::zero();
            // The steady field is that of one kelvin; all of it flows in proportion.
            $months[$name] = array_map(fn (int $m): float => $this->difference() * $steady + $swing->at($this->phase($m)), range(1, 12));
        }

        return $months;
    }
}
