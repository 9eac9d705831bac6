<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** Where the building stands and how it is kept. */
final readonly class Site
{
    /**
     * @param  string  $place  free words
     * @param  float  $indoor  mean inside temperature over the year, °C
     * @param  float  $indoorSwing  K by which the inside is above that mean in summer and below it in winter
     * @param  float  $heatingLimit  a month whose mean air temperature is below this counts as a heating month, °C
     * @param  GroundWater  $water  round the foundation
     * @param  float|null  $floorLimit  the highest floor U-value that the project allows, W/(m²K); null where none is set
     */
    public function __construct(
        public string $place,
        public Climate $climate,
        public Soil $soil,
        public float $indoor = 20.0,
        public float $indoorSwing = 0.0,
        public float $heatingLimit = 15.0,
        public ?float $floorLimit = null,
        public GroundWater $water = GroundWater::NotSaid,
        public Presence $termites = Presence::NotSaid,
        public Presence $radon = Presence::NotSaid,
        public Requirements $requirements = new Requirements,
        public FrostBasis $frost = new FrostBasis,
        public DampBasis $damp = new DampBasis,
        public SunBasis $sun = new SunBasis,
        public RoomBasis $room = new RoomBasis,
    ) {}

    /** @return list<int> months 1 to 12 that count as heating */
    public function heatingMonths(): array
    {
        $months = [];
        foreach ($this->climate->monthly as $i => $mean) {
            if ($mean < $this->heatingLimit) {
                $months[] = $i + 1;
            }
        }

        return $months;
    }
}
