<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** The rooms over the floor, in the few figures that a simulation needs. Sizes of common practice, no source, unless named. */
final readonly class RoomBasis
{
    /** Air over this is too warm, °C. */
    public const TOO_WARM = 26.0;

    /**
     * @param  float  $height  of the heated rooms above ground, m
     * @param  float  $roof  U of what closes them above, W/(m²K)
     * @param  float  $airChanges  all the time, 1/h
     * @param  float  $openWindows  more, while it is too warm inside and cooler outside, 1/h
     * @param  float  $gains  of people, lamps, machines, W/m² of floor
     * @param  float  $contents  what air, furniture and partitions store, kJ/(m²·K) of floor; ISO 52016-1:2017 takes 10 for air
     *   and furniture
     * @param  float  $glassNorth  m², upright, as all that follow; faces are turned by `turned`
     * @param  float  $glassRoof  level glass, m²
     * @param  float  $turned  by which the faces are turned from the four winds, ° toward the west
     * @param  float  $glassU  W/(m²K)
     * @param  float  $glassG  share of the sun that comes through it, frames taken off
     * @param  float  $blinds  share of that which blinds let through once it is nearly too warm
     * @param  float|null  $heater  what heats the rooms can give, W/m² of floor; null: a fifth more than the design day takes
     * @param  float  $panels  peak power of panels, kW
     * @param  float  $ownUse  that is taken off their power before any is surplus, kW
     * @param  float|null  $hot  °C that rooms of special use reach; null: no more than what they are kept at
     * @param  float  $hotHours  of a day
     */
    public function __construct(
        #[Size('Height of the heated rooms', quantity: Quantity::Length)]
        public float $height = 2.6,
        #[Size('U of roof or ceiling', key: 'roof_u_w_m2k')]
        public float $roof = 0.18,
        #[Size('Air changes of the rooms, all the time', key: 'air_changes_per_h')]
        public float $airChanges = 0.5,
        #[Size('Open windows add', key: 'open_windows_per_h', hint: 'while it is too warm inside and cooler outside')]
        public float $openWindows = 2.0,
        #[Size('People, lamps and machines give', key: 'gains_w_m2')]
        public float $gains = 3.0,
        #[Size('Contents of the rooms store, for the floor’s area', key: 'contents_kj_m2k', hint: 'air, furniture, partitions')]
        public float $contents = 30.0,
        #[Size('Glass to the north', key: 'glass_north_m2')]
        public float $glassNorth = 0.0,
        #[Size('Glass to the east', key: 'glass_east_m2')]
        public float $glassEast = 2.0,
        #[Size('Glass to the south', key: 'glass_south_m2')]
        public float $glassSouth = 4.0,
        #[Size('Glass to the west', key: 'glass_west_m2')]
        public float $glassWest = 2.0,
        #[Size('Glass in the roof', key: 'glass_roof_m2')]
        public float $glassRoof = 0.0,
        #[Size('Faces turned toward the west by', key: 'turned_deg')]
        public float $turned = 0.0,
        #[Size('U of the glass', key: 'glass_u_w_m2k')]
        public float $glassU = 1.1,
        #[Size('Sun through the glass', key: 'glass_sun_share')]
        public float $glassG = 0.4,
        #[Size('Of that, past the blinds', key: 'blinds_share')]
        public float $blinds = 0.4,
        #[Size('Heating gives at most', key: 'heater_w_m2', hint: 'empty: a fifth more than the design day takes')]
        public ?float $heater = null,
        #[Size('Panels, peak', key: 'panels_kw')]
        public float $panels = 0.0,
        #[Size('Own use before any power is surplus', key: 'own_use_kw')]
        public float $ownUse = 0.3,
        #[Size('Rooms get as hot as', key: 'hot_c', hint: 'a drying room, a sauna; empty: no hotter than they are kept')]
        public ?float $hot = null,
        #[Size('They are so hot for, a day', key: 'hot_hours')]
        public float $hotHours = 24.0,
    ) {}

    /** Of all glass, m². */
    public function glass(): float
    {
        return $this->uprightGlass() + $this->glassRoof;
    }

    public function uprightGlass(): float
    {
        return $this->glassNorth + $this->glassEast + $this->glassSouth + $this->glassWest;
    }
}
