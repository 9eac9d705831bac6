<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Departures;
use Ondergrond\Design\Design;
use Ondergrond\Design\Footprint;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Section\Layout;

/**
 * A design on a plan. Its footprint is no longer typed but follows from the outline and from how thick its own walls are; so
 * do the stretches whose ground or footing lies otherwise, and how often and where at worst each kind of post stands.
 */
final class PlannedDesign
{
    /** Round-off of lengths that were worked out, m and m². */
    private const DIGITS = 9;

    /** Share of a length that is round-off. */
    private const SAME = 1e-10;

    /**
     * @param  Items  $layout  what the option puts on the plan
     *
     * @throws FaultyInput where the design cannot stand on that outline: its walls fill it, or it has a side that no wall is
     */
    public static function of(Plan $plan, Design $design, Items $layout = new Items): Design
    {
        $at = $plan->atConcrete($design);
        $footprint = self::footprint($plan, $design);
        $planned = $design->with([
            'footprint' => $footprint,
            'supports' => PlannedSupports::of(
                $design->supports, $at, $plan->items->and($layout),
                $footprint->characteristicDimension() / 2 + $design->wall->insideThickness(),
            ),
        ]);

        return $planned->with(['departures' => new Departures(...UnevenGround::departures($at, $planned))]);
    }

    /**
     * To the inside faces of the walls. Lengths beside a garage, a porch or a lower ground count as such where the design has a
     * section for them; else they are edge like the rest.
     *
     * @throws FaultyInput where its walls fill the outline
     */
    public static function footprint(Plan $plan, Design $design): Footprint
    {
        $inner = self::inner($plan, $design);
        $lengths = array_fill_keys(array_column(WallKind::cases(), 'value'), 0.0);
        foreach ($inner->sides() as $id => $side) {
            $lengths[$plan->corners[$id]->wall->kind->value] += $side->length();
        }
        $doors = 0.0;
        foreach ($plan->openings as $opening) {
            $counts = $opening->kind->isDoor() && $plan->corners[$opening->wall]->wall->kind === WallKind::Outside;
            $doors += $counts ? $opening->width : 0.0;
        }
        $lot = INF;
        foreach ($plan->items->of(Kinds\LotLine::class) as $line) {
            $lot = min($lot, $line->apart($plan->atConcrete($design)->outline));
        }
        $typed = get_object_vars($design->footprint);
        // What differs from what was typed by round-off alone is what was typed, to its last digit.
        $round = static fn (float $value, string $name): float => abs($value - $typed[$name]) < self::SAME * max(1.0, $value)
            ? $typed[$name] : round($value, self::DIGITS);
        $neighbour = $design->neighbour->present();

        return new Footprint(
            $round($inner->area(), 'area'),
            $round($inner->perimeter(), 'perimeter'),
            $round($inner->perimeter() - $lengths[WallKind::Heated->value] - $lengths[WallKind::Joined->value], 'exposed'),
            $design->walkout->present() ? $round($lengths[WallKind::WalkOut->value], 'walkOut') : 0.0,
            $neighbour ? $round($lengths[WallKind::Garage->value], 'garage') : 0.0,
            $neighbour ? $round($lengths[WallKind::Porch->value], 'porch') : 0.0,
            $round($lengths[WallKind::Heated->value], 'party'),
            $round($doors, 'doors'),
            $lot === INF ? $design->footprint->lotLine : $round($lot, 'lotLine'),
        );
    }

    /** @throws FaultyInput where its walls fill the outline */
    public static function inner(Plan $plan, Design $design): Outline
    {
        $by = self::wall($design) + $plan->face->out(Layout::of($design));

        // Read to the inner face, it is what was drawn, without round-off.
        return abs($by) < 1e-12 ? $plan->outline : $plan->outline->inset($by);
    }

    /** From the outer face of the concrete to where the room begins, m. */
    public static function wall(Design $design): float
    {
        return -Layout::of($design)->room;
    }

    /** @return list<string> what the plan has and the design has no section for, in words */
    public static function unmet(Plan $plan, Design $design): array
    {
        $said = [];
        foreach ($plan->outline->sides() as $id => $side) {
            $kind = $plan->corners[$id]->wall->kind;
            $has = match ($kind) {
                WallKind::WalkOut => $design->walkout->present(),
                WallKind::Garage, WallKind::Porch => $design->neighbour->present(),
                WallKind::Outside, WallKind::Heated, WallKind::Joined => true,
            };
            if (! $has) {
                $said[] = "Wall {$side->from}–{$side->to} is beside: {$kind->label()}. This design has no section for it, so that it "
                    .'counts as common edge.';
            }
        }

        return [...$said, ...UnevenGround::unmet($plan, $design)];
    }
}
