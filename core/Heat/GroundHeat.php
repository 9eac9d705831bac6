<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Ground\InsideWave;
use Ondergrond\Site\AnnualWave;
use Ondergrond\Site\Site;

/** Heat of one floor through the year by formula, with all it was worked out from. */
final readonly class GroundHeat
{
    /** A cold spell lasts five days: half a wave of ten, s. */
    private const SPELL_PERIOD = 10 * 86_400.0;

    /**
     * @param  float  $indoor  mean of what the floor loses heat from, °C
     * @param  float  $indoorSwing  of it, K
     * @param  float  $steadyCoefficient  H_g, W/K
     * @param  float  $insideCoefficient  H_pi, W/K
     * @param  float  $outsideCoefficient  H_pe of the yearly wave, W/K
     * @param  float  $spellCoefficient  H_pe of a wave of ten days, W/K
     * @param  list<float>  $monthly  twelve monthly means, W
     * @param  float  $heating  over the heating months, kWh
     * @param  float  $allYear  over all months, kWh
     * @param  float  $design  on the design day, W
     */
    private function __construct(
        public GroundFormula $formula,
        public Site $site,
        public AnnualWave $outdoor,
        public float $indoor,
        public float $indoorSwing,
        public float $steadyCoefficient,
        public float $insideCoefficient,
        public float $outsideCoefficient,
        public float $spellCoefficient,
        public array $monthly,
        public float $heating,
        public float $allYear,
        public float $design,
    ) {}

    /** @param  InsideWave|null  $inside  of a heated floor; null: the room's own */
    public static function of(GroundFormula $formula, Site $site, ?InsideWave $inside = null): self
    {
        $capacity = $site->soil->heatCapacity();
        $spell = $formula->outsideCoefficient($capacity, self::SPELL_PERIOD);
        $outdoor = $site->climate->wave();
        [$indoor, $swing] = $inside === null ? [$site->indoor, $site->indoorSwing] : [$inside->mean, -$inside->swing->re];
        $steady = $formula->steadyCoefficient();
        $in = $formula->insideCoefficient($capacity);
        $out = $formula->outsideCoefficient($capacity);
        $flow = new YearlyFlow($steady, $in, $out, $indoor, $swing, $outdoor, $formula->outsideLag());
        // On the design day the pipes are on, however many months heat: what they are over the room reaches the ground as a swing does,
        // or as a mean where that takes more.
        $peak = $inside?->heated === null ? $flow->peak()
            : (new YearlyFlow($steady, $in, $out, $site->indoor, $site->indoorSwing, $outdoor, $formula->outsideLag()))->peak()
                + max($in, $steady) * ($inside->heated - $site->indoor);
        $monthly = $flow->monthly();

        return new self(
            $formula, $site, $outdoor, $indoor, $swing, $steady, $in, $out, $spell, $monthly,
            YearSum::heating($monthly, $site->heatingShares()), YearSum::all($monthly),
            $peak + $spell * max(0.0, $outdoor->mean - $outdoor->amplitude - $site->climate->design()),
        );
    }

    public function transmittance(): float
    {
        return $this->formula->transmittance();
    }
}
