<?php

declare(strict_types=1);

namespace Ondergrond\Ground;

use Ondergrond\Design\Design;
use Ondergrond\Field\Complex;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Section\Side;
use Ondergrond\Site\AnnualWave;
use Ondergrond\Site\Site;

/**
 * The temperatures in and under one side of a floor through the year: T = θ̄_e + (θ̄_i − θ̄_e)·u + Re(θ̂·e^{iφ}), u the
 * steady field of one kelvin, θ̂ the harmonic one, φ = 0 at the coldest moment of the year.
 */
final readonly class GroundField
{
    /** @param  SpaceAir|null  $space  the air of an unheated space below; null where there is none */
    private function __construct(
        public Site $site,
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
    public static function of(Site $site, Design $design, Side $side = Side::Edge, ?float $groundConductivity = null, bool $yearly = true, ?int $mostCells = null): self
    {
        $lambda = $groundConductivity ?? $site->soil->conductivity();
        $space = SpaceAir::of($site, $design, $lambda, $side);

        return new self($site, $design, $side, $site->climate->wave(), Solution::of(SectionProblem::of($site, $design, $lambda, $side, $space, $yearly), $mostCells), $space);
    }

    /** Whether two designs have one and the same section there, so that solving one solves both. */
    public static function isSame(Site $site, Design $a, Design $b, Side $side): bool
    {
        $problem = static fn (Design $d): Problem => SectionProblem::of($site, $d, $site->soil->conductivity(), $side, null, false);

        return serialize($problem($a)) === serialize($problem($b)) && SpaceAir::isSame($a, $b);
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
        return $this->space === null ? null : $this->outdoor->mean + $this->difference() * $this->space->share + $this->space->swing->at($this->phase($month));
    }

    /** Out of the room through floor, stem, wall and deck, for one kelvin between inside and outside: L2D of ISO 10211, W/(m·K). */
    public function couplingCoefficient(): float
    {
        return array_sum($this->shares());
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
