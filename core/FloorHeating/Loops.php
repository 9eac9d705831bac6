<?php

declare(strict_types=1);

namespace Ondergrond\FloorHeating;

use Ondergrond\Design\Heating;

/** Loops of pipe for a floor: how many, how long, how much water goes through and what that takes. */
final readonly class Loops
{
    /** Of each loop, to the manifold and back, m; common practice, no source. */
    public const FEED = 6.0;

    /** More friction than this in a loop wants another pump, Pa; common practice, no source. */
    public const MOST = 20_000.0;

    /**
     * @param  int  $perZone  loops
     * @param  float  $length  of each, feed and all, m
     * @param  float  $flow  through each, m³/s
     * @param  float  $velocity  m/s
     * @param  float  $friction  of a loop, Pa
     */
    private function __construct(
        public int $zones,
        public int $perZone,
        public float $length,
        public float $flow,
        public float $velocity,
        public float $reynolds,
        public float $friction,
    ) {}

    /**
     * @param  float  $area  heated, m²
     * @param  float  $power  that the water leaves there, downward too, W
     */
    public static function of(Heating $heating, float $area, float $power): self
    {
        $zones = max(1, (int) round($heating->zones));
        $pipe = $area / $zones / $heating->spacing;
        $loops = max(1, (int) ceil($pipe / max(1.0, $heating->loop - self::FEED) - 1e-9));
        $mean = $heating->water();
        $flow = max(0.0, $power) / ($zones * $loops) / (Water::HEAT * Water::density($mean) * $heating->waterDrop);
        $bore = $heating->pipe - 2 * $heating->pipeWall;
        $velocity = $flow / (M_PI * $bore ** 2 / 4);
        $length = $pipe / $loops + self::FEED;

        return new self(
            $zones, $loops, $length, $flow, $velocity, Water::reynolds($velocity, $bore, $mean),
            $length * Water::friction($velocity, $bore, $mean),
        );
    }

    public function count(): int
    {
        return $this->zones * $this->perZone;
    }

    /** Of all loops, m. */
    public function pipe(): float
    {
        return $this->count() * $this->length;
    }

    /** Through all of them, m³/s. */
    public function total(): float
    {
        return $this->count() * $this->flow;
    }
}
