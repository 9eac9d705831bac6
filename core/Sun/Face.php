<?php

declare(strict_types=1);

namespace Ondergrond\Sun;

/** How a face lies: glass, or panels. */
final readonly class Face
{
    /**
     * @param  float  $tilt  from level, rad
     * @param  float  $facing  azimuth of its normal from south, west positive, rad
     */
    private function __construct(
        public float $tilt,
        public float $facing,
    ) {}

    /** @param  float  $facing  degrees from south, west positive */
    public static function upright(float $facing): self
    {
        return new self(M_PI / 2, deg2rad($facing));
    }

    /**
     * @param  float  $tilt  degrees from level
     * @param  float  $facing  degrees from south, west positive
     */
    public static function tilted(float $tilt, float $facing): self
    {
        return new self(deg2rad($tilt), deg2rad($facing));
    }

    public static function level(): self
    {
        return new self(0.0, 0.0);
    }
}
