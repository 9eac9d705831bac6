<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Size;

/** Where the building stands and how it is kept. */
final readonly class Site
{
    /** Days of a month stray so far about its mean that it goes from heating to none over so many kelvin; common practice, no source. */
    private const HEATING_RAMP = 4.0;

    /**
     * @param  string  $place  free words
     * @param  float  $indoor  mean inside temperature over the year, °C
     * @param  float  $indoorSwing  K by which the inside is above that mean in summer and below it in winter
     * @param  float  $heatingLimit  a month whose mean air temperature is this counts half as heating, °C
     * @param  GroundWater  $water  round the foundation
     * @param  string  $timeZone  whose days count there, as the IANA names it
     * @param  float|null  $floorLimit  the highest floor U-value that the project allows, W/(m²K); null where none is set
     */
    public function __construct(
        #[Size('Place')]
        public string $place,
        public Climate $climate,
        #[Size('Ground under the floor')]
        public Soil $soil,
        #[Size('Kept inside at, mean of the year', key: 'indoor_c')]
        public float $indoor = 20.0,
        #[Size('Warmer in summer, cooler in winter by', key: 'indoor_swing_k')]
        public float $indoorSwing = 0.0,
        #[Size(
            'A month counts half as heating at a mean of',
            key: 'heating_limit_c',
            hint: 'all of it a little colder, none a little warmer',
        )]
        public float $heatingLimit = 15.0,
        #[Size('Highest U of the floor', key: 'floor_limit_w_m2k', hint: 'empty: none is set')]
        public ?float $floorLimit = null,
        #[Size('That limit is meant')]
        public LimitMeant $floorLimitMeant = LimitMeant::NotSaid,
        #[Size('Water in the ground')]
        public GroundWater $water = GroundWater::NotSaid,
        #[Size('Termites')]
        public Presence $termites = Presence::NotSaid,
        #[Size('Radon')]
        public Presence $radon = Presence::NotSaid,
        public Requirements $requirements = new Requirements,
        public FrostBasis $frost = new FrostBasis,
        public DampBasis $damp = new DampBasis,
        public SunBasis $sun = new SunBasis,
        public RoomBasis $room = new RoomBasis,
        #[Size('Time zone', from: TimeZones::class, hint: 'whose days count there')]
        public string $timeZone = TimeZones::DEFAULT,
        public House $house = new House,
    ) {}

    /**
     * How much of each month counts as heating: all of it from 2 K below the limit, none from 2 K above, half at the limit.
     *
     * @return list<float> twelve, January first
     */
    public function heatingShares(): array
    {
        return array_map(
            fn (float $mean): float => max(0.0, min(1.0, 0.5 + ($this->heatingLimit - $mean) / self::HEATING_RAMP)),
            $this->climate->monthly,
        );
    }

    /** Months that heat, parts of months added up. */
    public function heatingLength(): float
    {
        return array_sum($this->heatingShares());
    }

    /** @return list<int> months 1 to 12 that count as heating for the greater part */
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
