<?php

declare(strict_types=1);

namespace Ondergrond\Project;

use Ondergrond\Design\Design;
use Ondergrond\Design\Footprint;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\Redraw;
use Ondergrond\Plan\Shape;
use Ondergrond\Plan\WallKind;
use Ondergrond\Plan\WallLine;

/**
 * A plan for numbers that were typed: an outline that has their area and perimeter, with the lengths beside a lower ground, a
 * garage, a porch, a heated neighbour and under doors laid along its walls in order. No figure moves.
 */
final class TypedFloor
{
    private const SAME = 1e-8;

    /** A door stands that far from its wall's ends at least, m. */
    private const JAMB = 0.1;

    /**
     * @param  array<string, float>  $open  the sizes that area and perimeter leave open, to the inside faces, as the shape names them
     *
     * @throws FaultyInput where nothing has those numbers
     */
    public static function plan(Design $design, Shape $shape, array $open = []): Plan
    {
        $typed = $design->footprint;
        $plan = self::doors(
            self::walls(Plan::along(self::outline($design, $shape, $open)), $typed, $design), $typed->doors, $design,
        );
        $then = PlannedDesign::footprint($plan, $design);
        $is = get_object_vars($then);
        foreach (get_object_vars($typed) as $name => $value) {
            if ($name !== 'lotLine' && abs($value - $is[$name]) > self::SAME * max(1.0, $value)) {
                throw FaultyInput::one(
                    Fault::of('', 'numbers that no plan of this shape has', 'another shape, or the numbers as they are'),
                );
            }
        }

        return $plan;
    }

    /**
     * An outline with what a floor has beside it laid along its walls in order, as far as they go: a design that has a section
     * beside a garage or over lower ground stands on no plan without such a wall.
     *
     * @param  Design  $design  whose typed or planned lengths are laid
     *
     * @throws FaultyInput where the design's walls fill the outline
     */
    public static function beside(Plan $plan, Design $design): Plan
    {
        return self::walls($plan, $design->footprint, $design);
    }

    /**
     * To the outer face of the concrete, its lowest corner at the origin.
     *
     * @param  array<string, float>  $open  as above
     * @return non-empty-array<string, array{float, float}> x, y by id, in order round, m
     *
     * @throws FaultyInput where no such shape has that area and that perimeter
     */
    public static function outline(Design $design, Shape $shape, array $open = []): array
    {
        $typed = $design->footprint;
        $outer = Outline::of($shape->holding($typed->area, $typed->perimeter, $open))->inset(-PlannedDesign::wall($design))->points;
        [$x, $y] = [min(array_column($outer, 0)), min(array_column($outer, 1))];

        return array_map(static fn (array $p): array => [round($p[0] - $x, 12), round($p[1] - $y, 12)], $outer);
    }

    private static function walls(Plan $plan, Footprint $typed, Design $design): Plan
    {
        $lengths = array_filter([
            WallKind::WalkOut->value => $typed->walkOut, WallKind::Garage->value => $typed->garage, WallKind::Porch->value => $typed->porch,
            WallKind::Heated->value => $typed->party,
            WallKind::Joined->value => $typed->perimeter - $typed->exposed - $typed->party,
        ], static fn (float $m): bool => $m > 1e-6);
        foreach ($lengths as $kind => $length) {
            $plan = self::laid($plan, $design, WallKind::from($kind), $length);
        }

        return $plan;
    }

    /** That much of the walls that are still outside, a whole wall where one is as long. */
    private static function laid(Plan $plan, Design $design, WallKind $kind, float $length): Plan
    {
        $inner = PlannedDesign::inner($plan, $design)->sides();
        $free = array_filter($inner, static fn (WallLine $s): bool => $plan->corners[$s->from]->wall->kind === WallKind::Outside);
        foreach ($free as $id => $side) {
            if (abs($side->length() - $length) < self::SAME) {
                return Redraw::beside($plan, $id, $kind);
            }
        }
        foreach ($free as $id => $side) {
            if ($length <= self::SAME) {
                break;
            }
            if ($side->length() > $length + self::SAME) {
                // Where the room's face ends there, the wall's outer face is parted.
                $at = $plan->outline->sides()[$id]->alongOf(...$side->at($length));

                return Redraw::beside(Redraw::parted($plan, $id, $at), $id, $kind);
            }
            $plan = Redraw::beside($plan, $id, $kind);
            $length -= $side->length();
        }

        return $plan;
    }

    private static function doors(Plan $plan, float $doors, Design $design): Plan
    {
        $openings = [];
        foreach ($plan->outline->sides() as $id => $side) {
            $room = $side->length() - 2 * (self::JAMB + PlannedDesign::wall($design));
            if ($doors > 1e-9 && $plan->corners[$id]->wall->kind === WallKind::Outside && $room >= min($doors, Opening::NARROWEST)) {
                $width = min($doors, $room, Opening::WIDEST);
                $openings[Ulid::from('door', $id)] = new Opening($id, round(($side->length() - $width) / 2, 6), $width);
                $doors -= $width;
            }
        }

        return $openings === [] ? $plan : $plan->with(['openings' => $openings]);
    }
}
