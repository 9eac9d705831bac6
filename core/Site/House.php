<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Size;

/** What is known of the house over the floor: what it loses besides, and what the new floor has to meet. */
final readonly class House
{
    /** Of the fuel that becomes heat: a boiler of the usual kind; common practice, no source. */
    public const EFFICIENCY = 0.85;

    /**
     * @param  float|null  $besides  what walls, windows, roof and air lose together, without the ground, W/K
     * @param  float|null  $load  of all the house on the design day, ground included, W
     * @param  float|null  $fuel  burnt in a year, kWh
     * @param  float  $efficiency  share of it that becomes heat
     * @param  float|null  $oldFloor  height of an existing floor that the new one has to meet, m over the ground outside
     * @param  float|null  $step  height of a deck or step outside the door, m over the ground outside
     */
    public function __construct(
        #[Size('Walls, windows, roof and air lose, without the ground', key: 'besides_w_k')]
        public ?float $besides = null,
        #[Size('Design load of the whole house', key: 'design_load_w')]
        public ?float $load = null,
        #[Size('Fuel for heating, a year', key: 'fuel_kwh')]
        public ?float $fuel = null,
        #[Size('Of that becomes heat', key: 'efficiency_share')]
        public float $efficiency = self::EFFICIENCY,
        #[Size('An existing floor to meet, above the ground')]
        public ?float $oldFloor = null,
        #[Size('A deck or step outside the door, above the ground')]
        public ?float $step = null,
    ) {}
}
