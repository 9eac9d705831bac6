<?php

declare(strict_types=1);

namespace Ondergrond\Site;

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
     * @param  float  $contents  what air, furniture and partitions store, kJ/(m²·K) of floor; ISO 52016-1:2017 takes 10 for air and furniture
     * @param  float  $glassNorth  m², upright, as all that follow; faces are turned by `turned`
     * @param  float  $glassRoof  level glass, m²
     * @param  float  $turned  by which the faces are turned from the four winds, ° toward the west
     * @param  float  $glassU  W/(m²K)
     * @param  float  $glassG  share of the sun that comes through it, frames taken off
     * @param  float  $blinds  share of that which blinds let through once it is nearly too warm
     * @param  float|null  $heater  what heats the rooms can give, W/m² of floor; null: a fifth more than the design day takes
     * @param  float  $panels  peak power of panels, kW
     * @param  float  $ownUse  that is taken off their power before any is surplus, kW
     */
    public function __construct(
        public float $height = 2.6,
        public float $roof = 0.18,
        public float $airChanges = 0.5,
        public float $openWindows = 2.0,
        public float $gains = 3.0,
        public float $contents = 30.0,
        public float $glassNorth = 0.0,
        public float $glassEast = 2.0,
        public float $glassSouth = 4.0,
        public float $glassWest = 2.0,
        public float $glassRoof = 0.0,
        public float $turned = 0.0,
        public float $glassU = 1.1,
        public float $glassG = 0.4,
        public float $blinds = 0.4,
        public ?float $heater = null,
        public float $panels = 0.0,
        public float $ownUse = 0.3,
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
