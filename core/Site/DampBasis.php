<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** What is known of humidity and water where damp is judged; null and an empty list are taken from the season or the class. */
final readonly class DampBasis
{
    /** Dew point of the most humid spell over that of its month, K; common practice, no source. */
    public const MUGGY = 4.0;

    /** Rooms are let cool by this at night, K; common practice, no source. */
    public const SET_BACK = 3.0;

    /** A heavy hour's rain, mm/h; common practice, no source. */
    public const RAIN = 25.0;

    /**
     * @param  float|null  $indoorRh  that a machine keeps inside, as a share; null where the rooms find their own
     * @param  list<float>  $outdoorRh  relative humidity outside, twelve months, January first, as shares; empty where it is not known
     * @param  float  $muggy  K
     * @param  float|null  $waterTable  its highest level below the ground outside, m; null where it is not known
     * @param  float|null  $permeability  of the ground to water, m/day; null by its class
     * @param  float  $rain  of a heavy hour, mm/h
     * @param  float  $setBack  by which rooms are let cool at night in the heating months, K
     */
    public function __construct(
        public HumidityClass $humidity = HumidityClass::Dwelling,
        public ?float $indoorRh = null,
        public array $outdoorRh = [],
        public float $muggy = self::MUGGY,
        public ?float $waterTable = null,
        public ?float $permeability = null,
        public float $rain = self::RAIN,
        public float $setBack = self::SET_BACK,
    ) {}
}
