<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Departures;
use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Fault\FaultyInput;

/** Some of a design's edge that is built alike: the unit of section, field, frost, take-off and deviation. */
final readonly class Stretch
{
    /**
     * @param  string  $id  in files and addresses
     * @param  float  $length  of the exposed edge, m
     * @param  Design  $design  as it is built there
     */
    private function __construct(
        public string $id,
        public string $label,
        public Side $kind,
        public float $length,
        public Design $design,
    ) {}

    /**
     * All of them, the common edge first: one of each kind that the design has, then where it departs from these. Their
     * lengths add up to the exposed edge.
     *
     * @return non-empty-list<self>
     *
     * @throws FaultyInput where a departure cannot be built
     */
    public static function all(Design $design): array
    {
        $lengths = self::lengths($design);
        $apart = [];
        foreach ($design->departures->all as $departure) {
            $apart[] = new self(
                $departure->id, $departure->label, $departure->kind, $departure->length,
                $design->with([...$departure->parts, 'departures' => new Departures]),
            );
            $lengths[$departure->kind->value] = max(0.0, ($lengths[$departure->kind->value] ?? 0.0) - $departure->length);
        }
        $all = [self::common($design, $lengths[Side::Edge->value])];
        foreach ([Side::Walkout, Side::Door, Side::Neighbour] as $kind) {
            if (isset($lengths[$kind->value])) {
                $all[] = new self($kind->value, $kind->label(), $kind, $lengths[$kind->value], $design);
            }
        }

        return [...$all, ...$apart];
    }

    /** The common edge. */
    public static function edge(Design $design): self
    {
        return self::all($design)[0];
    }

    /** The first of that kind, as if there were one where there is none. */
    public static function like(Design $design, Side $kind): self
    {
        foreach (self::all($design) as $stretch) {
            if ($stretch->kind === $kind) {
                return $stretch;
            }
        }

        return new self($kind->value, $kind->label(), $kind, 0.0, $design);
    }

    public static function find(Design $design, string $id): ?self
    {
        foreach (self::all($design) as $stretch) {
            if ($stretch->id === $id) {
                return $stretch;
            }
        }

        return null;
    }

    /** Whether its section is the very same, so that solving one solves both. */
    public function isBuiltLike(self $other): bool
    {
        return $this->kind === $other->kind && ($this->design === $other->design || serialize($this->design) === serialize($other->design));
    }

    private static function common(Design $design, float $length): self
    {
        return new self(Side::Edge->value, Side::Edge->label(), Side::Edge, $length, $design);
    }

    /** @return array<string, float> by kind, of those that the design has, m */
    private static function lengths(Design $design): array
    {
        $plan = $design->footprint;
        // At a door the slab runs out under the sill, with a break or without.
        $hasDoors = $design->threshold->present() || $plan->doors > 0.0;
        $doors = $hasDoors ? max(0.0, min($plan->doors, $plan->exposed - $plan->walkOut - $plan->alongNeighbour())) : 0.0;

        return [
            Side::Edge->value => max(0.0, $plan->exposed - $plan->walkOut - $plan->alongNeighbour() - $doors),
            ...($design->walkout->present() ? [Side::Walkout->value => $plan->walkOut] : []),
            ...($hasDoors ? [Side::Door->value => $doors] : []),
            ...($design->neighbour->present() ? [Side::Neighbour->value => $plan->alongNeighbour()] : []),
        ];
    }
}
