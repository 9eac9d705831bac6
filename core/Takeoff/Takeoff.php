<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Side;

/**
 * What a design takes of boards, concrete and stone, from its section and its footprint. Net: no waste, no laps, corners in
 * plan neither added nor taken off; good for comparing designs, not for an order.
 */
final class Takeoff
{
    /** @return list<Item> */
    public static function of(Design $d): array
    {
        $area = $d->footprint->area;
        $exposed = $d->footprint->exposed;
        $strip = min($area, $d->perimeterBoard->span() * $exposed);
        $at = Layout::of($d);
        $stem = $d->stem->present();
        $items = [
            ...self::layer(Part::Field, $d->fieldBoard, $area - $strip),
            ...self::layer(Part::Perimeter, $d->perimeterBoard->layer, $strip),
            ...self::layer(Part::BoardAbove, $d->boardAbove, $area),
            ...self::layer(Part::Screed, $d->screed, $area),
            ...self::layer(Part::Upstand, $d->upstand, $exposed * ($d->screed->thickness + $d->boardAbove->thickness)),
            ...self::layer(Part::Slab, $d->slab->layer, $area),
            ...self::layer(Part::Stone, $d->stone, $area),
            ...self::layer(Part::Blinding, $d->blinding, $area),
            ...self::layer(Part::EdgeUnder, $d->edgeUnder, $exposed * ($stem ? $d->footing->width : $d->edgeBeam->width + $d->edgeInside->layer->thickness)),
            ...self::layer(Part::EdgeInside, $d->edgeInside->layer, $exposed * max(0.0, $at->under - $at->insideFoot + ($stem ? $d->slab->layer->thickness : 0.0))),
            ...self::layer(Part::Wing, $d->wing->layer, $exposed * $d->wing->width),
            ...self::layer(Part::Threshold, $d->threshold->layer, $d->footprint->doors * $d->threshold->width),
            ...self::layer(Part::Neighbour, $d->neighbour->layer, $d->footprint->alongNeighbour() * max(0.0, $at->slab - $at->foot)),
        ];
        if ($d->edgeBeam->present() && ! $stem) {
            $items[] = new Item(Part::Beam, $d->slab->layer->material, $exposed * $d->edgeBeam->width, $d->edgeBeam->depth - $d->slab->layer->thickness);
        }
        if ($d->footing->present() && $stem) {
            $items[] = new Item(Part::Footing, $d->slab->layer->material, $exposed * $d->footing->width, $d->footing->height);
        }
        foreach (Side::of($d) as $side) {
            $length = $side->length($d);
            $of = Layout::of($d, $side);
            $items = [
                ...$items,
                ...self::layer(Part::EdgeOutside, $d->edgeOutside->layer, $length * max(0.0, $of->top - $of->boardFoot)),
                ...($stem ? self::layer(Part::Stem, $d->stem->layer, $length * max(0.0, $of->top - $of->stemFoot)) : []),
                ...self::layer(Part::Form, $d->form->inner(), $length * max(0.0, $of->top - $of->formFoot)),
                ...self::layer(Part::Form, $d->form->outer(), $length * max(0.0, $of->top - $of->formFoot)),
                ...self::layer(Part::Cover, $d->cover->layer, $length * max(0.0, $of->top - $of->grade + $d->cover->depthBelowGrade)),
            ];
            foreach ($of->lining ? $d->lining->layers : [] as $layer) {
                $items = [...$items, ...self::layer(Part::Lining, $layer, $length * max(0.0, $of->top - $of->floor - $d->lining->gapAboveFloor))];
            }
        }
        foreach ($d->deck->layers as $layer) {
            $items = [...$items, ...self::layer(Part::Deck, $layer, $area)];
        }

        return $items;
    }

    /** Of all that insulates, m³: stands for cost where there are no prices. */
    public static function insulation(Design $design): float
    {
        return array_sum(array_map(static fn (Item $i): float => $i->material->insulates() ? $i->volume() : 0.0, self::of($design)));
    }

    /** @return list<Item> */
    private static function layer(Part $part, Layer $layer, float $area): array
    {
        return $layer->present() && $area > 0.0 ? [new Item($part, $layer->material, $area, $layer->thickness)] : [];
    }
}
