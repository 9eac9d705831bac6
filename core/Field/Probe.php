<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** A point, in m, whose temperature is wanted. */
final readonly class Probe
{
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
    ) {}
}
