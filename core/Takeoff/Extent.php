<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Plan;
use Ondergrond\Section\Layout;

/**
 * How much of the floor lies within a line of the section, and how long that line is round the building. With a plan from
 * its outline; else from area and outline as if all corners were square, which is exact for any outline of right angles.
 */
final readonly class Extent
{
    private float $room;

    public function __construct(private Design $design, private ?Plan $plan = null)
    {
        $this->room = Layout::of($design)->room;
    }

    /** @param  float  $x  of the section: outward from the outer face of the concrete, m; the area is in m² */
    public function area(float $x): float
    {
        try {
            return $this->plan?->outline->inset(-$x)->area() ?? $this->square($x);
        } catch (FaultyInput) {
            return max(0.0, $this->square($x));
        }
    }

    /** All round, m. */
    public function length(float $x): float
    {
        try {
            return $this->plan?->outline->inset(-$x)->perimeter() ?? $this->round($x);
        } catch (FaultyInput) {
            return max(0.0, $this->round($x));
        }
    }

    /** Of a stretch whose length is counted at the room's face, m. */
    public function along(float $stretch, float $x): float
    {
        return $stretch * $this->length($x) / $this->design->footprint->perimeter;
    }

    /** Along all that is exposed, m. */
    public function exposed(float $x): float
    {
        return $this->along($this->design->footprint->exposed, $x);
    }

    private function square(float $x): float
    {
        $out = $x - $this->room;

        return $this->design->footprint->area + $this->design->footprint->perimeter * $out + 4 * $out ** 2;
    }

    private function round(float $x): float
    {
        return $this->design->footprint->perimeter + 8 * ($x - $this->room);
    }
}
