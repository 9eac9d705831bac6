<?php

declare(strict_types=1);

namespace Ondergrond\Inspection;

/** One reading of a moisture meter on a wall. Meters differ: only how readings of one meter compare is used. */
final readonly class MeterReading
{
    /**
     * @param  float  $height  above the floor, m
     * @param  float  $value  on the meter's own scale
     */
    public function __construct(
        public float $height,
        public float $value,
    ) {}
}
