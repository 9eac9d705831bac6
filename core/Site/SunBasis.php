<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Size;

/** What is known of sun and day where rooms are simulated. */
final readonly class SunBasis
{
    /** °; common practice, no source. */
    public const LATITUDE = 50.0;

    /** Half of what a day's air goes up and down, K; common practice, no source. */
    public const DAY_SWING = 4.0;

    /** Of the hours that the sun is up, the share it shines where no record says: a cloudy temperate year; common practice, no source. */
    public const SUNSHINE = [0.22, 0.27, 0.33, 0.40, 0.43, 0.44, 0.44, 0.45, 0.40, 0.34, 0.24, 0.20];

    /**
     * @param  float  $latitude  °, north positive
     * @param  list<float>  $shares  sunshine of twelve months, January first; empty: as usual
     * @param  float  $daySwing  K
     */
    public function __construct(
        #[Size('Latitude', key: 'latitude_deg', hint: 'south of the equator: below 0')]
        public float $latitude = self::LATITUDE,
        #[Size(
            'Sunshine of the months, of the hours it could shine',
            key: 'sunshine_share',
            each: 'Sunshine, *',
            hint: 'twelve, January first, spaces between; empty: as usual',
        )]
        public array $shares = [],
        #[Size('A day’s air goes up and down by', key: 'day_swing_k')]
        public float $daySwing = self::DAY_SWING,
    ) {}

    /** @return list<float> twelve */
    public function sunshine(): array
    {
        // South of the equator the seasons are half a year on.
        return $this->shares !== [] ? $this->shares : (
            $this->latitude >= 0.0
            ? self::SUNSHINE
            : [...array_slice(self::SUNSHINE, 6), ...array_slice(self::SUNSHINE, 0, 6)]
        );
    }
}
