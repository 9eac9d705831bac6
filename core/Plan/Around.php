<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Section\Layout;

/** What an item is judged among: the plan, the design that is built on it, and all that is set in both. */
final readonly class Around
{
    public Layout $section;

    /** Face of the rooms; the outline where the walls fill it. */
    public Outline $inner;

    public Dig $dig;

    /** What joints part the slab into; null where there is none, or it is not judged so. */
    public ?Panels $panels;

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
        $this->dig = Dig::of($design);
        $this->panels = $design->slab->present() ? Panels::of($this->slab(), $items->of(ControlJoint::class)) : null;
    }

    /** Inward from the face of the concrete, m; negative outside. */
    public function inFromEdge(float $x, float $y): float
    {
        return -$this->plan->outline->outside($x, $y);
    }

    /** Width of the beam or the stem at the edge, m. */
    public function edgeWidth(): float
    {
        return -$this->section->inner;
    }

    /**
     * The beam or footing that a level is in, from its underside to its top, m; null where it is in a wall, or above or below all concrete.
     *
     * @return array{float, float}|null
     */
    public function beamAt(float $level): ?array
    {
        $at = $this->section;
        $top = $this->design->stem->present() ? $at->stemFoot : $at->slab;

        return $level >= $at->foot && $level <= $top ? [$at->foot, $top] : null;
    }

    /** Where the slab ends: at the face of the concrete, or inside the wall that it lies between. */
    public function slab(): Outline
    {
        try {
            return $this->section->slabEnd < 0.0 ? $this->plan->outline->inset(-$this->section->slabEnd) : $this->plan->outline;
        } catch (FaultyInput) {
            return $this->plan->outline;
        }
    }

    /** How deep below the slab's own surface the tops of its pipes lie, m; null where none lie in it. */
    public function pipeTops(): ?float
    {
        $heating = $this->design->heating;
        $tops = $heating->depth - $heating->pipe / 2 - ($this->section->floor - $this->section->slab);

        return $heating->present() && $tops + $heating->pipe > 0.0 ? $tops : null;
    }

    /** As it is called, for the pattern of a sentence. */
    public function name(Item $item): string
    {
        return str_replace('%', '%%', $item->at()->name);
    }

    /** The wall whose line a point is nearest to. */
    public function wallAt(float $x, float $y): WallLine
    {
        return $this->plan->outline->nearest($x, $y);
    }

    /** The opening of a wall that lies so far along it, m; null where it is whole. */
    public function openingAt(WallLine $wall, float $along): ?Opening
    {
        foreach ($this->plan->openings as $opening) {
            if ($opening->wall === $wall->from && $along > $opening->from && $along < $opening->from + $opening->width) {
                return $opening;
            }
        }

        return null;
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
