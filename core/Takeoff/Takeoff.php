<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Support;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Section\Layout;
use Ondergrond\Section\StemWall;
use Ondergrond\Section\Stretch;

/**
 * What a design takes of boards, concrete and stone, from its section and its footprint. Net: no waste, no laps, corners in
 * plan neither added nor taken off; good for comparing designs, not for an order.
 */
final class Takeoff
{
    /** @return list<Item> of what is to be built: nothing that stands already */
    public static function of(Design $d): array
    {
        $area = $d->footprint->area;
        $strip = min($area, $d->perimeterBoard->span() * $d->footprint->exposed);
        $items = [
            ...self::layer(Part::Field, $d->fieldBoard, $area - $strip),
            ...self::layer(Part::Perimeter, $d->perimeterBoard->layer, $strip),
            ...self::layer(Part::Mat, $d->mat->layer, $area),
            ...self::layer(Part::BoardAbove, $d->boardAbove, $area),
            ...self::layer(Part::Screed, $d->screed, $area),
            ...self::layer(Part::Slab, $d->slab->layer, $area),
            ...self::layer(Part::Stone, $d->stone, $area),
            ...self::layer(Part::StoneOver, $d->stoneOver, $area),
            ...self::layer(Part::Blinding, $d->blinding, $area),
            ...self::layer(Part::Threshold, $d->threshold->layer, $d->footprint->doors * $d->threshold->width),
            ...self::alongEdge($d, $d->footprint->exposed - $d->departures->length()),
        ];
        foreach (Stretch::all($d) as $stretch) {
            $items = [
                ...$items,
                ...self::upright($stretch),
                ...($stretch->design === $d ? [] : self::alongEdge($stretch->design, $stretch->length)),
            ];
        }
        foreach ($d->supports->kinds() as $of) {
            $items = [...$items, ...self::under($d, $of)];
        }
        $beside = Layout::of($d);
        $items = [
            ...$items,
            ...self::layer(
                Part::Neighbour,
                $d->neighbour->layer,
                $d->footprint->alongNeighbour() * max(0.0, $beside->slab - $beside->foot),
            ),
        ];
        foreach ($d->deck->layers as $layer) {
            $items = [...$items, ...self::layer(Part::Deck, $layer, $area)];
        }

        return array_values(array_filter($items, static fn (Item $i): bool => $d->isNew($i->part)));
    }

    /** @return list<Item> hard board or pad under one kind of support, as many of it as are said */
    public static function under(Design $d, Support $of): array
    {
        $area = $of->amount() * $of->width() * ($of->isStrip() ? 1.0 : $of->width());
        [, $board] = Layout::of($d)->boardAt($d, $of->fromEdge());

        return match ($of->foot()) {
            SupportFoot::Slab => [],
            SupportFoot::HardBoard => self::layer(Part::Supports, $board->made($of->board()), $area),
            SupportFoot::OwnPad => self::layer(Part::Supports, $d->slab->layer->thick($of->height()), $area),
        };
    }

    /**
     * What lies along all of an edge, whatever kind it is.
     *
     * @param  float  $length  m
     * @return list<Item>
     */
    private static function alongEdge(Design $d, float $length): array
    {
        $at = Layout::of($d);
        $stem = $d->stem->present();
        $items = [
            ...self::layer(Part::Upstand, $d->upstand, $length * ($d->screed->thickness + $d->boardAbove->thickness)),
            ...self::layer(
                Part::EdgeUnder,
                $d->edgeUnder,
                $length * ($stem ? $d->footing->width : $d->edgeBeam->width + $d->edgeInside->layer->thickness),
            ),
            ...self::layer(
                Part::EdgeInside,
                $d->edgeInside->layer,
                $length * max(0.0, $at->under - $at->insideFoot + ($stem ? $d->slab->layer->thickness : 0.0)),
            ),
            ...self::layer(Part::Wing, $d->wing->layer, $length * $d->wing->width),
        ];
        if ($d->edgeBeam->present() && ! $stem) {
            $items[] = new Item(
                Part::Beam,
                $d->slab->layer->material,
                $length * $d->edgeBeam->width,
                $d->edgeBeam->depth - $d->slab->layer->thickness,
            );
        }
        if ($d->footing->present() && $stem) {
            $items[] = new Item(Part::Footing, $d->slab->layer->material, $length * $d->footing->width, $d->footing->height);
        }

        return $items;
    }

    /** @return list<Item> */
    private static function stem(Design $d, Layout $of, float $length): array
    {
        $items = [];
        $at = StemWall::of($d, $of);
        $height = max(0.0, $of->top - $of->stemFoot);
        foreach ($d->stem->present() ? $d->stem->solids() : [] as $leaf) {
            $items = [...$items, ...self::layer(Part::Stem, $leaf, $length * $height)];
        }
        // Of the cavity what is insulated, and what is filled under it.
        $filled = $d->stem->hasLeaves() ? max(0.0, min($height, $at->insulatedFrom - $of->stemFoot)) : 0.0;
        foreach ($d->stem->hasLeaves() ? [[$of->top, $height - $filled], [$of->stemFoot, $filled]] : [] as [$y, $high]) {
            $layer = $at->at($y)[1][1] ?? null;
            $items = [
                ...$items,
                ...($layer === null || $layer->material->slug === 'cavity-air' ? [] : self::layer(Part::Cavity, $layer, $length * $high)),
            ];
        }

        return $items;
    }

    /**
     * What stands upright along a stretch.
     *
     * @return list<Item>
     */
    private static function upright(Stretch $stretch): array
    {
        [$d, $length] = [$stretch->design, $stretch->length];
        $of = Layout::of($d, $stretch->kind);
        $items = [
            ...self::layer(Part::EdgeOutside, $d->edgeOutside->layer, $length * max(0.0, $of->top - $of->boardFoot)),
            ...self::stem($d, $of, $length),
            ...self::layer(Part::Form, $d->form->inner(), $length * max(0.0, $of->top - $of->formFoot)),
            ...self::layer(Part::Form, $d->form->outer(), $length * max(0.0, $of->top - $of->formFoot)),
            ...self::layer(Part::Cover, $d->cover->layer, $length * max(0.0, $of->top - $of->grade + $d->cover->depthBelowGrade)),
        ];
        foreach ($of->lining ? $d->lining->layers : [] as $layer) {
            $items = [
                ...$items,
                ...self::layer(Part::Lining, $layer, $length * max(0.0, $of->top - $of->liningFoot($d))),
            ];
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
