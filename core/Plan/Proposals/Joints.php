<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Proposals;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds\Conduit;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Panel;
use Ondergrond\Plan\Panels;
use Ondergrond\Plan\Proposal;

/** Control joints: one from each corner that leads in, then as many as panels ask for, in line with posts, openings and furniture. */
final class Joints implements Proposal
{
    /** A joint that ends no further from a corner than this is its own, m. */
    private const AT_CORNER = 0.3;

    public static function label(): string
    {
        return 'Control joints';
    }

    public static function rule(): string
    {
        return 'From each corner that leads in; then panels of 36 times the thickness and 4.5 m at most, 1.5 to 1 (ACI 302.1R and 360R, from '
            .'memory; common practice), in line with posts, openings and furniture where these stand near. Cut a quarter deep, 4 to 12 hours after '
            .'finishing; 25 mm deep and 1 to 4 hours after it with an early-entry saw in slabs under 225 mm.';
    }

    public static function of(Around $in): array
    {
        if (! $in->design->slab->present()) {
            return [];
        }
        $found = [];
        foreach ($in->plan->outline->reentrant() as $corner) {
            [$x, $y] = $in->plan->outline->points[$corner];
            $joint = $in->nearest([ControlJoint::class], $x, $y) <= self::AT_CORNER ? null : self::fromCorner($in, $corner);
            if ($joint !== null) {
                $found[] = $joint;
            }
        }
        $there = static fn (array $with): Items => new Items([...$in->items->all, ...array_combine(
            array_map(static fn (int $i): string => "joint {$i}", array_keys($with)), $with,
        )]);
        $limit = Panels::longest($in->design->slab->layer->thickness);
        // What parts one panel parts no other: they are all found from the same panels.
        foreach (Panels::of($in->slab(), $there($found)->of(ControlJoint::class))->all ?? [] as $panel) {
            [$long, $short] = self::pieces($panel, $limit);
            array_push($found, ...array_values($panel->parted($in, $long, $short, self::anchors($in), $limit)));
        }

        return array_map(static fn (ControlJoint $j, int $i): ControlJoint => $j->but(
            at: $j->at->but(name: 'Joint '.($i + 1)),
        ), $found, array_keys($found));
    }

    /** In the line of the wall that ends there, to the other side, the shorter way of two; null where no wall lies ahead. */
    public static function fromCorner(Around $in, string $corner): ?ControlJoint
    {
        $best = null;
        $from = $in->plan->outline->points[$corner];
        foreach ($in->plan->outline->sides() as $side) {
            if ($side->to !== $corner && $side->from !== $corner) {
                continue;
            }
            [$u, $v] = $side->direction();
            $way = $side->to === $corner ? [$u, $v] : [-$u, -$v];
            $hit = $in->plan->outline->ahead($from, $way);
            if ($hit !== null && ($best === null || $hit < $best[0])) {
                $best = [$hit, $way];
            }
        }
        if ($best === null) {
            return null;
        }
        [$length, $way] = $best;

        return new ControlJoint(
            ControlJoint::usual()->put("Joint at {$corner}", $from[0], $from[1], round($in->section->slab, 4)),
            round($from[0] + $length * $way[0], 4), round($from[1] + $length * $way[1], 4), ControlJoint::deep($in->design),
        );
    }

    /** @return array{int, int} along its longer side and across */
    private static function pieces(Panel $panel, float $limit): array
    {
        $long = (int) ceil(round(($panel->long - 0.05) / $limit, 6));
        $short = (int) ceil(round(($panel->short - 0.05) / $limit, 6));
        // No piece more than half as long again as wide.
        while ($panel->long / $long > 1.5 * $panel->short / max(1, $short) + 0.02) {
            $long++;
        }

        return [max(1, $long), max(1, $short)];
    }

    /** @return list<array{float, float}> what a joint likes to be in line with */
    private static function anchors(Around $in): array
    {
        $points = array_map(static fn (Post $p): array => [$p->at->x, $p->at->y], array_values($in->all(Post::class)));
        foreach ($in->all(Conduit::class) as $conduit) {
            if ($conduit->hollow > 0.0 || $conduit->box > 0.0) {
                $points[] = [$conduit->at->x, $conduit->at->y + 0.3];
            }
        }
        foreach ($in->plan->openings as $opening) {
            $wall = $in->plan->outline->sides()[$opening->wall];
            array_push($points, $wall->at($opening->from), $wall->at($opening->from + $opening->width));
        }

        return $points;
    }
}
