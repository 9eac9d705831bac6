<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Site\AnnualWave;
use Ondergrond\Site\Site;

/** Heat of one floor through the year, with all it was worked out from. */
final readonly class SlabHeat
{
    /** A cold spell lasts five days: half a wave of ten, s. */
    private const SPELL_PERIOD = 10 * 86_400.0;

    /**
     * @param  float  $steadyCoefficient  H_g, W/K
     * @param  float  $insideCoefficient  H_pi, W/K
     * @param  float  $outsideCoefficient  H_pe of the yearly wave, W/K
     * @param  float  $spellCoefficient  H_pe of a wave of ten days, W/K
     * @param  list<float>  $monthly  twelve monthly means, W
     * @param  float  $annual  over the heating months, kWh
     * @param  float  $allYear  over all months, kWh
     * @param  float  $design  on the design day, W
     */
    private function __construct(
        public SlabOnGround $slab,
        public Site $site,
        public AnnualWave $outdoor,
        public float $steadyCoefficient,
        public float $insideCoefficient,
        public float $outsideCoefficient,
        public float $spellCoefficient,
        public array $monthly,
        public float $annual,
        public float $allYear,
        public float $design,
    ) {}

    public static function of(SlabOnGround $slab, Site $site): self
    {
        $capacity = $site->soil->heatCapacity();
        $year = new PeriodicSlab($slab, $capacity);
        $spell = (new PeriodicSlab($slab, $capacity, self::SPELL_PERIOD))->outsideCoefficient();
        $outdoor = $site->climate->wave();
        $flow = new YearlyFlow(
            $slab->steadyCoefficient(),
            $year->insideCoefficient(),
            $year->outsideCoefficient(),
            $site->indoor,
            $site->indoorSwing,
            $outdoor,
        );
        $monthly = $flow->monthly();

        return new self(
            $slab,
            $site,
            $outdoor,
            $slab->steadyCoefficient(),
            $year->insideCoefficient(),
            $year->outsideCoefficient(),
            $spell,
            $monthly,
            YearSum::energy($monthly, $site->heatingMonths()),
            YearSum::energy($monthly, range(1, 12)),
            $flow->peak() + $spell * max(0.0, $outdoor->mean - $outdoor->amplitude - $site->climate->design),
        );
    }

    public function transmittance(): float
    {
        return $this->slab->transmittance();
    }
}
