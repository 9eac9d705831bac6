<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Design;
use Ondergrond\Ground\InsideWave;
use Ondergrond\Site\Site;
use Ondergrond\Units\Said;

/** What is said of a design's heat: the floor, the same floor bare, the band that the ground leaves open. */
final readonly class HeatVerdict
{
    /**
     * @param  array{GroundHeat, GroundHeat}  $band  at the lowest and the highest conductivity of the soil class
     * @param  float|null  $share  U ÷ its limit by the formula, of floor and buried wall the larger; null where the site sets none
     * @param  float  $wallTransmittance  of the wall over the edge, to outside air, W/(m²K)
     * @param  array<string, string>  $counted  what each part counts for, by the part's key in the project file
     * @param  list<Said>  $notes  what the formula leaves out here, sentences
     * @param  list<OtherSchool>  $others  the same sum by other schools
     * @param  CellarSummer|null  $cellar  in use under the house
     */
    private function __construct(
        public GroundHeat $floor,
        public GroundHeat $bare,
        public array $band,
        public ?float $share,
        public float $wallTransmittance,
        public array $counted,
        public array $notes,
        public array $others,
        public ?CellarSummer $cellar,
    ) {}

    /**
     * What part of the house's heat goes through the ground, where anything is known of the house.
     *
     * @param  float|null  $drawn  of the section as drawn over the heating months, kWh; null where it is not solved
     * @return list<GroundShare>
     */
    public function groundShares(?float $drawn): array
    {
        return GroundShare::all($this->floor->site, $this->floor, [...($drawn === null ? [] : [$drawn]), $this->floor->heating]);
    }

    public static function of(Site $site, Design $design): self
    {
        $lambda = $site->soil->conductivity();
        $reading = Iso13370::of($design);
        $bare = $design->withoutInsulation();
        $inside = InsideWave::ofFloor($site, $design);
        $formula = $reading->formula($lambda);
        $floor = GroundHeat::of($formula, $site, $inside);
        $share = $site->floorLimit === null ? null : max($formula->faces()) / $site->floorLimit;

        $plain = GroundHeat::of(Iso13370::of($bare)->formula($lambda), $site, InsideWave::ofFloor($site, $bare));

        return new self(
            $floor,
            $plain,
            array_map(
                static fn (float $l): GroundHeat => GroundHeat::of($reading->formula($l), $site, $inside),
                $site->soil->conductivityRange(),
            ),
            $share,
            Stack::transmittance(
                [...$design->wall->inside, ...$design->wall->outside],
                SurfaceResistance::INSIDE_HORIZONTAL,
                SurfaceResistance::OUTSIDE,
            ),
            $reading->counted($formula),
            $reading->notes($formula),
            OtherSchool::of($formula, $design),
            CellarSummer::of($site, $design, $floor, $plain),
        );
    }
}
