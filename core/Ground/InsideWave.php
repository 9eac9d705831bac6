<?php

declare(strict_types=1);

namespace Ondergrond\Ground;

use Ondergrond\Design\Design;
use Ondergrond\Field\Complex;
use Ondergrond\Site\Site;

/**
 * What the floor loses its heat from, through the year: the room, or the plane of the pipes in a heated floor
 * (ISO 13370:2007, annex on heated floors: from that plane, without R_si).
 */
final readonly class InsideWave
{
    /**
     * @param  float  $mean  of the year, °C
     * @param  float  $share  the mean above outside, of the room's mean above outside
     * @param  Complex  $swing  K; φ = 0 at the coldest moment of the year
     * @param  float  $plane  height of the pipes, or of the floor's surface, m
     * @param  float|null  $heated  at the pipes while they are on, °C; null where nothing heats the floor
     */
    private function __construct(
        public float $mean,
        public float $share,
        public Complex $swing,
        public float $plane,
        public ?float $heated = null,
    ) {}

    public static function ofFloor(Site $site, Design $design): self
    {
        $outdoor = $site->climate->wave();
        $room = $site->indoor - $outdoor->mean;
        if (! $design->heating->present()) {
            return new self($site->indoor, 1.0, Complex::of(-$site->indoorSwing), $design->finishedFloor());
        }
        // Warm over the heating months, as the room is over the others: mean and first harmonic of such a year.
        $months = $site->heatingLength();
        $over = $design->heating->plane - $site->indoor;
        $mean = $site->indoor + $over * $months / 12;
        // The first harmonic of on and off, no higher than the pipes ever are.
        $swing = $over * min(2 / M_PI * sin(M_PI * $months / 12), 1 - $months / 12) - $site->indoorSwing;

        return new self(
            $mean, abs($room) < 1e-6 ? 1.0 : ($mean - $outdoor->mean) / $room, Complex::of($swing),
            $design->finishedFloor() - $design->heating->depth, $design->heating->plane,
        );
    }
}
