<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Design\Design;
use Ondergrond\Section\Layout;
use Ondergrond\Site\Site;

/**
 * What perimeter drains bring, and what a pump in a sump has to do. From the ground: a ring of drains as a well of its area,
 * Q = πk(H² − h²)/ln((R + r₀)/r₀), r₀ = √(A/π), h = 0 (Dupuit and Thiem), R after Sichardt, 3000 s √k (both from memory); ground
 * that lets no water up is taken to begin at the drains, and where it lies deeper more comes. From above: the rain of a heavy hour
 * on the strip of backfill, all of it. An
 * estimate for choosing a pump: ground is never known better than to a factor of three.
 */
final readonly class DrainDuty
{
    /** What has to be said with it, a sentence. */
    public const BASE = 'Ground that lets no water up is taken to begin at the drains; where it lies deeper, more comes.';

    /** Backfill that rain gets into along the wall, m; common practice, no source. */
    public const STRIP = 1.0;

    /** Least reach of a drain, m; common practice, no source. */
    private const LEAST_REACH = 3.0;

    private const DAY = 86400.0;

    /**
     * A pump takes twice what comes, for the worst hour; starts no more often than ten times an hour; half of its power lifts water;
     * pipes take a fifth of the lift (common practice, no source).
     */
    private const RESERVE = 2.0;

    private const STARTS = 10.0;

    private const EFFICIENCY = 0.4;

    private const FRICTION = 1.2;

    /**
     * @param  float|null  $ground  m³/s for all of the perimeter; null where the table is not known
     * @param  float  $rain  m³/s
     * @param  float  $reach  R, m
     * @param  float  $lift  from the sump's water to over the ground, m
     */
    private function __construct(
        public ?float $ground,
        public float $rain,
        public float $reach,
        public float $lift,
    ) {}

    /** Null where there are no drains. */
    public static function of(Site $site, Design $design): ?self
    {
        if (! $design->drains->present()) {
            return null;
        }
        $at = Layout::of($design);
        $drain = $at->foot;
        $table = Groundwater::of($site, $design)->table;
        $height = $table === null ? null : max(0.0, $table - $drain);
        $k = ($site->damp->permeability ?? $site->soil->permeability()) / self::DAY;
        $reach = max(self::LEAST_REACH, 3000.0 * ($height ?? 0.0) * sqrt($k));

        $radius = sqrt($design->footprint->area / M_PI);

        return new self(
            $height === null ? null : M_PI * $k * $height ** 2 / log(($reach + $radius) / $radius),
            $site->damp->rain / 1000 / 3600 * self::STRIP * $design->footprint->exposed,
            $reach,
            max(0.5, 0.3 - $drain + 0.3),
        );
    }

    /** What comes in the worst hour, m³/s. */
    public function flow(): float
    {
        return ($this->ground ?? 0.0) + $this->rain;
    }

    /** What the pump is chosen for, m³/s. */
    public function pump(): float
    {
        return self::RESERVE * $this->flow();
    }

    /** Head of the pump with its pipe, m. */
    public function head(): float
    {
        return self::FRICTION * $this->lift;
    }

    /** Power it takes, W. */
    public function power(): float
    {
        return 1000 * 9.81 * $this->pump() * $this->head() / self::EFFICIENCY;
    }

    /** Water between start and stop, m³: q T/4 for the shortest time T between two starts. */
    public function sump(): float
    {
        return $this->pump() * 3600.0 / self::STARTS / 4;
    }
}
