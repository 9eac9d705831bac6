<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Section\Layout;

/** What stands on the ground on one side of a design, and where the ground that must not freeze begins under it. */
final readonly class Bearing
{
    /**
     * @param  float  $x0  m, as in Layout
     * @param  float  $soil  height of the ground under it, below what drains or insulates there, m
     * @param  float  $grade  height of the ground outside, m
     */
    private function __construct(
        public float $x0,
        public float $x1,
        public float $soil,
        public float $grade,
    ) {}

    public static function of(Design $design, Side $side): self
    {
        $at = Layout::of($design, $side);
        if ($design->stem->present()) {
            $half = $design->footing->width / 2;

            return new self($at->inner / 2 - $half, $at->inner / 2 + $half, $at->trench, $at->grade);
        }

        return new self($at->inner, 0.0, $at->trench, $at->grade);
    }

    /** How deep the ground under it lies below the ground outside, m. */
    public function depth(): float
    {
        return $this->grade - $this->soil;
    }
}
