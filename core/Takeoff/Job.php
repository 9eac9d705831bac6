<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Plan;
use Ondergrond\Section\Layout;
use Ondergrond\Units\Unit as Measure;
use Ondergrond\Units\UnitSystem;

/** What is counted: a design, on its plan where there is one, bought in the sizes of one system. */
final readonly class Job
{
    public Layout $at;

    public Extent $extent;

    /** Its outline along the outer face of the concrete. */
    public ?Plan $plan;

    /** @param  Items  $items  of plan and layout */
    public function __construct(
        public Design $design,
        public UnitSystem $units,
        ?Plan $plan = null,
        public Items $items = new Items,
    ) {
        $this->plan = $plan?->atConcrete($design);
        $this->at = Layout::of($design);
        $this->extent = new Extent($design, $this->plan);
    }

    public function isMetric(): bool
    {
        return $this->units === UnitSystem::Metric;
    }

    /** A size, written out in the units of the job. */
    public function size(float $m): string
    {
        return $this->isMetric() ? round(1000 * $m, 1).' mm' : round($m / Measure::INCH, 2).' in';
    }

    /** A length, written out in the units of the job. */
    public function length(float $m): string
    {
        return $this->isMetric() ? sprintf('%.1f m', $m) : sprintf('%.1f ft', $m / Measure::FOOT);
    }

    /** A volume, written out in the units of the job. */
    public function volume(float $m3): string
    {
        [$factor, $symbol] = Unit::CubicMetre->sold($this->units);

        return sprintf('%.2f %s', $m3 * $factor, $symbol);
    }
}
