<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Mend;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A corner that leads in and that no control joint begins at. */
final class CornerWithoutJoint implements Clash
{
    /** A joint that ends no further from a corner than this is its own, m. */
    private const AT_CORNER = 0.3;

    public static function reason(): string
    {
        return 'A slab cracks from a corner that leads in.';
    }

    public static function source(): string
    {
        return 'ACI 302.1R, from memory: a joint, or bars across, at each re-entrant corner';
    }

    public static function in(Around $in): iterable
    {
        $slab = $in->design->slab;
        foreach ($slab->present() ? $in->plan->outline->reentrant() : [] as $corner) {
            [$x, $y] = $in->plan->outline->points[$corner];
            if ($in->nearest([ControlJoint::class], $x, $y) <= self::AT_CORNER) {
                continue;
            }
            yield "corner:{$corner}" => new Found(Severity::Note, Said::of(
                "Corner {$corner} leads in, and no control joint begins at it",
            ), self::joint($in, $corner));
        }
    }

    /** In the line of the wall that ends there, to the other side. */
    private static function joint(Around $in, string $corner): ?Mend
    {
        $best = null;
        $from = $in->plan->outline->points[$corner];
        foreach ($in->plan->outline->sides() as $side) {
            if ($side->to !== $corner && $side->from !== $corner) {
                continue;
            }
            $way = $side->to === $corner ? $side->direction() : array_map(static fn (float $v): float => -$v, $side->direction());
            $hit = $in->plan->outline->ahead($from, [$way[0], $way[1]]);
            if ($hit !== null && ($best === null || $hit < $best[0])) {
                $best = [$hit, $way];
            }
        }
        if ($best === null) {
            return null;
        }
        [$length, $way] = $best;

        return new Mend(Said::of('Cut a joint from it to the other side, %s', Measure::of($length, Quantity::Length)), [
            Mend::NEW.$corner => new ControlJoint(
                ControlJoint::usual()->put("Joint at {$corner}", $from[0], $from[1], round($in->section->slab, 4)),
                round($from[0] + $length * $way[0], 4), round($from[1] + $length * $way[1], 4),
                ControlJoint::deep($in->design),
            ),
        ]);
    }
}
