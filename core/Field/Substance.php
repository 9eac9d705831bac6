<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** What an area of the section is filled with. */
final readonly class Substance
{
    /**
     * @param  float  $conductivity  λ, W/(m·K), above 0
     * @param  float|null  $capacity  ρc, J/(m³·K), above 0; needed only where a harmonic answer or a winter is asked for
     * @param  Frozen|null  $frozen  what it becomes when its water freezes; null where it holds none
     */
    public function __construct(
        public string $name,
        public float $conductivity,
        public ?float $capacity = null,
        public ?Frozen $frozen = null,
    ) {}
}
