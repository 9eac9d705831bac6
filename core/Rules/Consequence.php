<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Units\Said;

/** What a remedy comes to by the fields of the design before and after it. */
final readonly class Consequence
{
    /**
     * @param  float  $saves  heat, W as the mean of the year; below 0 the remedy costs some
     * @param  array{loss: float, factor: float|null, wet: float|null}  $was  as Worse::figures
     * @param  array{loss: float, factor: float|null, wet: float|null}  $is
     */
    public function __construct(
        public float $saves,
        public array $was,
        public array $is,
    ) {}

    /** @return array<string, Said> what it makes worse, by verdict */
    public function worse(): array
    {
        return Worse::byFields($this->was, $this->is);
    }
}
