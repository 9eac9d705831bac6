<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Section\Layout;

/** What an item is judged among: the plan, the design that is built on it, and all that is set in both. */
final readonly class Around
{
    public Layout $section;

    /** Face of the rooms; the outline where the walls fill it. */
    public Outline $inner;

    /**
     * @param  Plan  $plan  its outline along the face of the concrete
     * @param  Items  $items  of plan and layout
     */
    public function __construct(
        public Plan $plan,
        public Design $design,
        public Items $items,
    ) {
        $this->section = Layout::of($design);
        try {
            $inner = PlannedDesign::inner($plan, $design);
        } catch (FaultyInput) {
            $inner = $plan->outline;
        }
        $this->inner = $inner;
    }

    /** Inward from the face of the concrete, m; negative outside. */
    public function inFromEdge(float $x, float $y): float
    {
        return -$this->plan->outline->outside($x, $y);
    }

    /** Inward from the finished face of the nearest wall, m. */
    public function inFromFinish(float $x, float $y): float
    {
        return -$this->inner->outside($x, $y);
    }

    /**
     * @param  class-string<T>  $type
     * @return array<string, T> by id
     *
     * @template T of Item
     */
    public function all(string $type): array
    {
        return $this->items->of($type);
    }

    /**
     * How far the nearest spot of another item of one of those kinds lies from a point, m; INF where there is none.
     *
     * @param  list<class-string<Item>>  $types
     */
    public function nearest(array $types, float $x, float $y, ?Item $but = null): float
    {
        $least = INF;
        foreach ($this->items->all as $item) {
            if ($item !== $but && in_array($item::class, $types, true)) {
                foreach ($item->spots() as $spot) {
                    $least = min($least, hypot($spot->x - $x, $spot->y - $y));
                }
            }
        }

        return $least;
    }
}
