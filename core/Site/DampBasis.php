<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Size;

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
     * @param  float|null  $driedRh  that a machine dries them to at most, as a share; null where none does
     * @param  list<float>  $outdoorRh  relative humidity outside, twelve months, January first, as shares; empty where it is not known
     * @param  float  $muggy  K
     * @param  float|null  $waterTable  its highest level below the ground outside, m; null where it is not known
     * @param  float|null  $permeability  of the ground to water, m/day; null by its class
     * @param  float  $rain  of a heavy hour, mm/h
     * @param  float  $setBack  by which rooms are let cool at night in the heating months, K
     */
    public function __construct(
        #[Size('Use of the rooms, for their humidity')]
        public HumidityClass $humidity = HumidityClass::Dwelling,
        #[Size('Humidity that a machine keeps inside', key: 'indoor_rh_share', hint: 'empty: the rooms find their own')]
        public ?float $indoorRh = null,
        #[Size('Rooms are cooled and dried to', key: 'dried_rh_share', hint: 'empty: they are not; drier air stays as it is')]
        public ?float $driedRh = null,
        #[Size(
            'Humidity outside of the months',
            key: 'outdoor_rh_share',
            each: 'Humidity outside, *',
            hint: 'twelve, January first, spaces between; empty: as usual through the seasons',
        )]
        public array $outdoorRh = [],
        #[Size('Most humid spell, dew point over its month’s', key: 'muggy_k')]
        public float $muggy = self::MUGGY,
        #[Size('Highest water table below the ground outside', hint: 'empty: not known')]
        public ?float $waterTable = null,
        #[Size('Water passes the ground at', key: 'permeability_m_d', hint: 'empty: by its class')]
        public ?float $permeability = null,
        #[Size('Rain of a heavy hour', key: 'rain_mm_h')]
        public float $rain = self::RAIN,
        #[Size('Rooms are let cool at night by', key: 'set_back_k')]
        public float $setBack = self::SET_BACK,
    ) {}
}
