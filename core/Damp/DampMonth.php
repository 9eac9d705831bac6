<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

/** What is on either side of a stack in one month. */
final readonly class DampMonth
{
    /**
     * @param  float  $inside  °C
     * @param  float  $insidePressure  vapour, Pa
     * @param  float  $outside  °C; of the air, or of the ground's face
     * @param  float  $outsidePressure  vapour, Pa
     */
    public function __construct(
        public float $inside,
        public float $insidePressure,
        public float $outside,
        public float $outsidePressure,
    ) {}
}
