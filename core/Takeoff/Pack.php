<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

/** What something is sold in: whole ones only. */
final readonly class Pack
{
    /**
     * @param  string  $name  such as `roll 4 × 25 m`
     * @param  float  $holds  of the line's unit
     */
    public function __construct(
        public string $name,
        public float $holds,
    ) {}
}
