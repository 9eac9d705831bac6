<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Design;
use Ondergrond\Design\Side;

/**
 * The section through one side of a design, in m: the one geometry that drawing and field read. x counts outward from
 * the outer face of the edge's concrete, y up from the ground outside; a whole section goes on to the far edge.
 */
final readonly class EdgeSection
{
    /**
     * @param  list<Region>  $regions  painted in this order, later over earlier
     * @param  list<Course>  $courses  sheets and membranes
     * @param  float  $middle  x of the floor's middle, where a half section ends
     */
    private function __construct(
        public Design $design,
        public Side $side,
        public Window $window,
        public Layout $layout,
        public array $regions,
        public array $courses,
        public float $middle,
    ) {}

    public static function of(Design $design, Window $window, Side $side = Side::Edge): self
    {
        $layout = Layout::of($design, $side);
        $middle = self::middle($design, $layout);
        $left = $side->isWhole() ? max($middle, -$window->inward) : -$window->inward;
        $near = new Painter($design, $side, $layout, new Window(-$left, $window->outward, $window->up, $window->down));
        if (! $side->isWhole() || -$window->inward >= $middle) {
            return new self(
                $design, $side, $window, $layout, $near->regions(), Course::all($design, $layout, -$window->inward, $window),
                $middle,
            );
        }
        // The far side is a common edge, seen in a mirror at the floor's middle; its own middle lies there too.
        $plain = Layout::of($design);
        $own = self::middle($design, $plain);
        $far = new Painter($design, Side::Edge, $plain, new Window(-$own, $own + $middle + $window->inward, $window->up, $window->down));
        $shift = ($own + $middle) / 2;
        $turned = static fn (Region $r): Region => $r->mirrored($shift);

        return new self(
            $design, $side, $window, $layout,
            // The ground of either side first, so that neither covers what the other has built.
            [...$near->ground(), ...array_map($turned, $far->ground()), ...array_map($turned, $far->parts()), ...$near->parts()],
            [
                ...Course::all($design, $layout, $middle, $window),
                ...array_map(static fn (Course $c): Course => $c->mirrored($shift), Course::all($design, $plain, $own, $window)),
            ],
            $middle,
        );
    }

    /** Where half the floor's mean width ends, m. */
    public static function middle(Design $design, Layout $layout): float
    {
        return $layout->room - $design->footprint->characteristicDimension() / 2;
    }
}
