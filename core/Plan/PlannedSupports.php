<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\PostKind;
use Ondergrond\Design\StripKind;
use Ondergrond\Design\Supports;
use Ondergrond\Plan\Kinds\BearingStrip;
use Ondergrond\Plan\Kinds\Post;

/** The kinds of post and bearing wall of a design as the plan has them: how many, the heaviest load, nearest to the edge. */
final class PlannedSupports
{
    /** As the schema has them for a kind, m. */
    private const NEAREST = 0.1;

    private const LEAST_PLATE = 0.05;

    /** @return array<string, int> how often each kind that stands on the plan does, by name */
    public static function placed(Supports $supports, Items $items): array
    {
        $names = array_map(
            static fn (Item $i): string => $i instanceof Post || $i instanceof BearingStrip ? $i->of : '', array_values($items->all),
        );

        return array_count_values(array_intersect($names, array_keys($supports->kinds())));
    }

    /** @param  float  $half  how far in from the edge a section draws the floor, m: what stands further in stands there */
    public static function of(Supports $supports, Plan $plan, Items $items, float $half): Supports
    {
        foreach ($supports->kinds() as $name => $kind) {
            $there = array_filter(
                $items->all, static fn (Item $i): bool => ($i instanceof Post || $i instanceof BearingStrip) && $i->of === $name,
            );
            if ($there !== []) {
                $supports = $supports->with($name, self::worst($kind, $plan->outline, array_values($there), $half));
            }
        }

        return $supports;
    }

    /** @param  non-empty-list<Post|BearingStrip>  $there */
    private static function worst(PostKind|StripKind $kind, Outline $outline, array $there, float $half): PostKind|StripKind
    {
        $amount = 0.0;
        $edge = INF;
        // The heaviest as a whole: one place's permanent and another's live load stand nowhere together.
        $heaviest = [$kind->permanent, $kind->live];
        $most = -INF;
        foreach ($there as $item) {
            $amount += $item instanceof BearingStrip ? $item->length() : 1.0;
            foreach ($item->spots() as $spot) {
                $edge = min($edge, -$outline->outside($spot->x, $spot->y));
            }
            $load = $item->permanent + $item->live > 0.0 ? [$item->permanent, $item->live] : [$kind->permanent, $kind->live];
            if (array_sum($load) > $most) {
                [$most, $heaviest] = [array_sum($load), $load];
            }
        }

        return $kind->but(
            permanent: $heaviest[0], live: $heaviest[1], fromEdge: round(
                max(self::NEAREST, min($edge, $half)), 6,
            ), amount: round($amount, 6),
            plate: max(self::LEAST_PLATE, min(array_map(static fn (Post|BearingStrip $i): float => $i->width, $there))),
        );
    }
}
