<?php

declare(strict_types=1);

namespace Ondergrond\Size;

use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;

/** Even steps up to a largest size, in whole millimetres or inches. */
final readonly class Steps implements Sold
{
    /**
     * @param  float  $to  the largest, m
     * @param  float  $mm  one step where sizes are metric, mm
     * @param  float  $inches  one step where they are not, in
     * @param  float  $fromMm  the smallest, mm
     * @param  float  $fromInches  the smallest, in
     * @param  float  $belowMm  how far under zero they go, mm
     * @param  float  $belowInches  how far under zero they go, in
     */
    public function __construct(
        private float $to,
        private float $mm,
        private float $inches,
        private float $fromMm = 0.0,
        private float $fromInches = 0.0,
        private float $belowMm = 0.0,
        private float $belowInches = 0.0,
    ) {}

    public function sizes(UnitSystem $system): array
    {
        [$from, $below, $by] = $system === UnitSystem::Metric
            ? [$this->fromMm / 1000, $this->belowMm / 1000, $this->mm / 1000]
            : [$this->fromInches * Unit::INCH, $this->belowInches * Unit::INCH, $this->inches * Unit::INCH];
        $sizes = [];
        for ($i = -(int) round($below / $by); $i < 0; $i++) {
            $sizes[] = round($i * $by, 9);
        }
        for ($i = 0; $from + $i * $by <= $this->to + 1e-9; $i++) {
            $sizes[] = round($from + $i * $by, 9);
        }

        return $sizes === [] ? [round($from, 9)] : $sizes;
    }
}
