<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Design\HeatedIn;
use Ondergrond\Site\RoomBasis;

/** How a room is heated and what is done when it is warm. */
final readonly class Regime
{
    /** Warmest floor where people stay, °C (EN 1264-2: 9 K over 20 °C; ISO 7730 advises the same 29 °C). */
    public const SURFACE = 29.0;

    /**
     * @param  bool  $byFloor  heat comes by the pipes or the cable in the floor, and not straight into the room
     * @param  float  $heater  most that it gives, W
     * @param  float|null  $water  mean of the water, °C; null for a cable
     * @param  float  $pipes  resistance from the water to the plane, m²K/W
     * @param  float  $surface  where charging and heating of the floor stop, °C
     * @param  float  $warm  where blinds go down and windows open, °C
     */
    public function __construct(
        public bool $byFloor,
        public float $heater,
        public ?float $water = null,
        public float $pipes = 0.05,
        public float $surface = self::SURFACE,
        public float $warm = RoomBasis::TOO_WARM - 2.0,
    ) {}

    public static function of(Room $room): self
    {
        $heating = $room->design->heating;
        if ($room->source === null) {
            return new self(false, $room->heater());
        }
        $limit = min(self::SURFACE, $room->design->finish->kind->warmest() ?? self::SURFACE);
        if ($room->byCable()) {
            return new self(true, $heating->power * $room->area, null, 0.05, $limit);
        }
        $part = $heating->in === HeatedIn::Screed ? $room->design->screed : $room->design->slab->layer;

        return new self(true, $room->heater(), $heating->water(), PipeGrid::resistance($heating, $part->material->conductivity), $limit);
    }
}
