<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Section\Levels;
use Ondergrond\Site\Site;

/**
 * How warm a cellar stays by itself in the warmest month, beside the floor above, where nobody heats or cools: what comes down through
 * the deck and in with the air goes out into the ground (a steady balance of ISO 13789:2007 with the month's flow of ISO 13370).
 */
final readonly class CellarSummer
{
    /** Rooms above are so much warmer than the month outside, K; common practice, no source. */
    private const ABOVE = 3.0;

    /** Air of a cellar in use, 1/h; common practice, no source. */
    private const AIR = 0.3;

    /** Of air, Wh/(m³K). */
    private const HEAT_OF_AIR = 0.33;

    /** Down through a floor, on either face, m²K/W (ISO 6946:2007, table 1). */
    private const FILM = 0.17;

    /**
     * @param  int  $month  1 to 12
     * @param  float  $above  °C
     * @param  float  $own  °C
     * @param  float  $bare  °C, with nothing insulated
     */
    private function __construct(
        public int $month,
        public float $above,
        public float $own,
        public float $bare,
    ) {}

    /** Null where there is no cellar in use under the house. */
    public static function of(Site $site, Design $design, GroundHeat $floor, GroundHeat $bare): ?self
    {
        if (! $design->deck->present() || ! $design->hasRoomBelowGrade() || $design->space->kind !== Below::Heated) {
            return null;
        }
        $warmest = (int) array_search(max($site->climate->monthly), $site->climate->monthly, true);
        $outside = $site->climate->monthly[$warmest];
        $above = $outside + self::ABOVE;
        $deck = $design->footprint->area / (2 * self::FILM + array_sum(
            array_map(static fn (Layer $l): float => $l->resistance(), $design->deck->layers),
        ));
        $air = self::AIR * self::HEAT_OF_AIR * $design->footprint->area * (Levels::headroom($design) ?? 0.0);
        $own = static function (GroundHeat $ground) use ($warmest, $outside, $above, $deck, $air): float {
            // At the temperature that the sum was made for the ground takes so much; for each kelvin less, the less.
            $kept = $ground->indoor + $ground->indoorSwing;

            return ($deck * $above + $air * $outside + $ground->steadyCoefficient * $kept - $ground->monthly[$warmest])
                / ($deck + $air + $ground->steadyCoefficient);
        };

        return new self($warmest + 1, $above, $own($floor), $own($bare));
    }
}
