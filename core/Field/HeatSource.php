<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** Heat set free inside the section, as by a heated pipe or a cable: a rectangle in m and its power in W/m³. */
final readonly class HeatSource
{
    public function __construct(
        public float $x0,
        public float $y0,
        public float $x1,
        public float $y1,
        public float $power,
    ) {}
}
