<?php

declare(strict_types=1);

namespace Ondergrond\Ground;

use Ondergrond\Design\Design;
use Ondergrond\Field\Complex;
use Ondergrond\Field\Solution;
use Ondergrond\Site\AnnualWave;
use Ondergrond\Site\Site;

/**
 * The temperatures in and under a floor's edge through the year: T = θ̄_e + (θ̄_i − θ̄_e)·u + Re(θ̂·e^{iφ}), u the steady
 * field of one kelvin, θ̂ the harmonic one, φ = 0 at the coldest moment of the year.
 */
final readonly class GroundField
{
    private function __construct(
        public Site $site,
        public Design $design,
        public AnnualWave $outdoor,
        public Solution $solution,
    ) {}

    public static function of(Site $site, Design $design): self
    {
        return new self($site, $design, $site->climate->wave(), Solution::of(SectionProblem::of($site, $design, $site->soil->conductivity())));
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

    /** Out of the room through floor and wall, for one kelvin between inside and outside: L2D of ISO 10211, W/(m·K). */
    public function couplingCoefficient(): float
    {
        return $this->solution->steady->flows[SectionProblem::FLOOR] + $this->solution->steady->flows[SectionProblem::WALL_INSIDE];
    }

    /** Out of the room through floor and wall, W per metre of edge. */
    public function swing(): Complex
    {
        $flows = $this->solution->harmonic->flows ?? [];

        return ($flows[SectionProblem::FLOOR] ?? Complex::zero())->plus($flows[SectionProblem::WALL_INSIDE] ?? Complex::zero());
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
