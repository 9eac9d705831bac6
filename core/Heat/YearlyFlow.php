<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Site\AnnualWave;

/**
 * Heat flow through the year from steady and periodic coefficients: ISO 13370:2007, A.3:
 * Φ_m = H_g(θ̄_i − θ̄_e) − H_pi θ̂_i cos(2π(m − τ + α)/12) + H_pe θ̂_e cos(2π(m − τ − β)/12).
 */
final readonly class YearlyFlow
{
    /** α, and β for floors on the ground, months, the standard's simplified values (table A.1). */
    public const INSIDE_LEAD = 0.0;

    public const OUTSIDE_LAG = 1.0;

    /**
     * @param  float  $steady  H_g, W/K
     * @param  float  $inside  H_pi, W/K
     * @param  float  $outside  H_pe, W/K
     * @param  float  $indoor  θ̄_i, °C
     * @param  float  $indoorSwing  θ̂_i, K
     * @param  float  $lag  β, months
     */
    public function __construct(
        private float $steady,
        private float $inside,
        private float $outside,
        private float $indoor,
        private float $indoorSwing,
        private AnnualWave $outdoor,
        private float $lag = self::OUTSIDE_LAG,
    ) {}

    /** Mean over the year, W. */
    public function mean(): float
    {
        return $this->steady * ($this->indoor - $this->outdoor->mean);
    }

    /** @param  float  $month 1 to 12, W */
    public function inMonth(float $month): float
    {
        $turn = 2 * M_PI / 12;
        $since = $month - $this->outdoor->coldest;

        return $this->mean()
            - $this->inside * $this->indoorSwing * cos($turn * ($since + self::INSIDE_LEAD))
            + $this->outside * $this->outdoor->amplitude * cos($turn * ($since - $this->lag));
    }

    /** @return list<float> twelve monthly means, January first, W */
    public function monthly(): array
    {
        return array_map(fn (int $m): float => $this->inMonth($m), range(1, 12));
    }

    /** The highest the two waves together reach, W. */
    public function peak(): float
    {
        $in = $this->inside * $this->indoorSwing;
        $out = $this->outside * $this->outdoor->amplitude;
        $between = cos(2 * M_PI / 12 * (self::INSIDE_LEAD + $this->lag));

        return $this->mean() + sqrt(max(0.0, $in ** 2 + $out ** 2 - 2 * $in * $out * $between));
    }
}
