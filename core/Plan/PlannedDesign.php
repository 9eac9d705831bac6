<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Design\Footprint;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Section\Layout;

/** A design on a plan: its footprint is no longer typed but follows from the outline and from how thick its own walls are. */
final class PlannedDesign
{
    /** Round-off of lengths that were worked out, m and m². */
    private const DIGITS = 9;

    /**
     * @throws FaultyInput where the design cannot stand on that outline: its walls fill it, or it has a side that no wall is
     */
    public static function of(Plan $plan, Design $design): Design
    {
        return $design->with(['footprint' => self::footprint($plan, $design)]);
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
            $lengths[$plan->corners[$id]->wall->value] += $side->length();
        }
        $doors = 0.0;
        foreach ($plan->openings as $opening) {
            $doors += $plan->corners[$opening->wall]->wall === WallKind::Outside ? $opening->width : 0.0;
        }
        $round = static fn (float $value): float => round($value, self::DIGITS);
        $neighbour = $design->neighbour->present();

        return new Footprint(
            $round($inner->area()),
            $round($inner->perimeter()),
            $round($inner->perimeter() - $lengths[WallKind::Heated->value]),
            $design->walkout->present() ? $round($lengths[WallKind::WalkOut->value]) : 0.0,
            $neighbour ? $round($lengths[WallKind::Garage->value]) : 0.0,
            $neighbour ? $round($lengths[WallKind::Porch->value]) : 0.0,
            $round($lengths[WallKind::Heated->value]),
            $round($doors),
            $design->footprint->lotLine,
        );
    }

    /** @throws FaultyInput where its walls fill the outline */
    public static function inner(Plan $plan, Design $design): Outline
    {
        return $plan->outline->inset(self::wall($design));
    }

    /** From the outer face of the concrete to where the room begins, m. */
    public static function wall(Design $design): float
    {
        return -Layout::of($design)->room;
    }

    /**
     * The rectangle whose floor has the area and the outline that were typed.
     *
     * @return non-empty-array<string, array{float, float}>|null x, y by id, in order round; null where no rectangle has them
     */
    public static function rectangle(Design $design): ?array
    {
        [$half, $area] = [$design->footprint->perimeter / 2, $design->footprint->area];
        $root = $half ** 2 - 4 * $area;
        // A square's root is 0 but for round-off.
        if ($root < -1e-9 * $area) {
            return null;
        }
        $long = ($half + sqrt($root > 1e-9 * $area ? $root : 0.0)) / 2;
        $wall = self::wall($design);
        [$l, $w] = [round($long + 2 * $wall, 12), round($half - $long + 2 * $wall, 12)];

        return ['A' => [0.0, 0.0], 'B' => [$l, 0.0], 'C' => [$l, $w], 'D' => [0.0, $w]];
    }

    /** @return list<string> what the plan has and the design has no section for, in words */
    public static function unmet(Plan $plan, Design $design): array
    {
        $said = [];
        foreach ($plan->outline->sides() as $id => $side) {
            $kind = $plan->corners[$id]->wall;
            $has = match ($kind) {
                WallKind::WalkOut => $design->walkout->present(),
                WallKind::Garage, WallKind::Porch => $design->neighbour->present(),
                WallKind::Outside, WallKind::Heated => true,
            };
            if (! $has) {
                $said[] = "Wall {$side->from}–{$side->to} is beside: {$kind->label()}. This design has no section for it, so that it "
                    .'counts as common edge.';
            }
        }

        return $said;
    }
}
