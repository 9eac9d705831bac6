<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Design;
use Ondergrond\Site\Site;
use Ondergrond\Verdict\Verdict;

/** What is said of a design's heat: the floor, the same floor bare, the band that the ground leaves open, the word. */
final readonly class HeatVerdict
{
    /**
     * @param  array{SlabHeat, SlabHeat}  $band  at the lowest and the highest conductivity of the soil class
     * @param  float|null  $share  U ÷ its limit; null where the site sets none
     * @param  float  $wallTransmittance  of the wall over the edge, to outside air, W/(m²K)
     * @param  array<string, string>  $counted  what each part counts for, by the part's key in the project file
     * @param  list<string>  $notes  what the formula leaves out here, sentences
     */
    private function __construct(
        public SlabHeat $floor,
        public SlabHeat $bare,
        public array $band,
        public ?float $share,
        public Verdict $word,
        public float $wallTransmittance,
        public array $counted,
        public array $notes,
    ) {}

    public static function of(Site $site, Design $design): self
    {
        $lambda = $site->soil->conductivity();
        $floor = SlabHeat::of(self::slab($design, $lambda), $site);
        $share = $site->floorLimit === null ? null : $floor->transmittance() / $site->floorLimit;
        $band = array_map(static fn (float $l): SlabHeat => SlabHeat::of(self::slab($design, $l), $site), $site->soil->conductivityRange());
        $reading = FloorReading::of($design, $floor->slab);

        return new self(
            $floor,
            SlabHeat::of(self::slab($design->withoutInsulation(), $lambda), $site),
            $band,
            $share,
            Verdict::ofShare($share),
            Stack::transmittance(
                [...$design->wall->inside, ...$design->wall->outside],
                SurfaceResistance::INSIDE_HORIZONTAL,
                SurfaceResistance::OUTSIDE,
            ),
            $reading->counted,
            $reading->notes,
        );
    }

    private static function slab(Design $design, float $lambda): SlabOnGround
    {
        return SlabOnGround::of(
            $design->footprint->area,
            $design->footprint->exposed,
            $design->wall->thickness(),
            $lambda,
            FloorReading::floorResistance($design),
            FloorReading::edges($design),
        );
    }
}
