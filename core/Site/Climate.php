<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** Outdoor air through the year. */
final readonly class Climate
{
    /**
     * @param  string  $name  what the person calls it
     * @param  list<float>  $monthly  twelve monthly mean air temperatures, °C, January first
     * @param  float  $design  air temperature of the heating design day, °C
     */
    public function __construct(
        public string $name,
        public array $monthly,
        public float $design,
    ) {}

    public function wave(): AnnualWave
    {
        return AnnualWave::fit($this->monthly);
    }
}
