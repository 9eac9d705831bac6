<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Kinds\Conduit;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Kinds\Toilet;
use Ondergrond\Plan\Lines;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Passes;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A control joint that leads over a sleeve, a conduit or a gully. */
final class CutIntoSleeve implements Clash
{
    /** m. */
    private const CLEAR = 0.075;

    /** m. */
    private const STEP = 0.025;

    /** Further aside it is another joint, m. */
    private const FURTHEST = 0.75;

    public static function finds(): string
    {
        return 'A control joint that leads over a sleeve, a conduit or a gully.';
    }

    public static function reason(): string
    {
        return 'A joint runs out at a hole and the crack goes on from its other side where nobody wants it.';
    }

    public static function source(): string
    {
        return 'common practice, no source';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(ControlJoint::class) as $id => $joint) {
            $met = self::met($joint, $in);
            if ($met !== null) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'leads %s past the middle of '.$in->name($met), Measure::size(self::off($joint, $met)),
                ), self::aside($id, $joint, $in));
            }
        }
    }

    /** The first that it leads over. */
    private static function met(ControlJoint $joint, Around $in): ?Item
    {
        foreach ($in->items->all as $item) {
            $across = match (true) {
                $item instanceof Sleeve && $item->passes === Passes::Floor, $item instanceof Toilet => $item->diameter,
                $item instanceof Conduit => max($item->diameter, $item->box),
                $item instanceof Gully => $item->width,
                default => null,
            };
            if ($across !== null && self::off($joint, $item) < $across / 2 + self::CLEAR - 1e-6) {
                return $item;
            }
        }

        return null;
    }

    private static function off(ControlJoint $joint, Item $item): float
    {
        return Lines::away([$item->at()->x, $item->at()->y], [$joint->at->x, $joint->at->y], [$joint->toX, $joint->toY]);
    }

    /** As little aside as leads past them all; null where that is too far to be the same joint. */
    private static function aside(string $id, ControlJoint $joint, Around $in): ?Mend
    {
        [$ux, $uy] = [$joint->toX - $joint->at->x, $joint->toY - $joint->at->y];
        $length = max(1e-9, hypot($ux, $uy));
        for ($by = self::STEP; $by <= self::FURTHEST; $by += self::STEP) {
            foreach ([1, -1] as $side) {
                [$x, $y] = [-$side * $uy / $length * $by, $side * $ux / $length * $by];
                $moved = $joint->but(
                    at: $joint->at->but(x: round($joint->at->x + $x, 4), y: round($joint->at->y + $y, 4)), toX: round($joint->toX + $x, 4),
                    toY: round($joint->toY + $y, 4),
                );
                if (self::met($moved, $in) === null) {
                    return new Mend(Said::of('Move it %s aside', Measure::size($by)), [$id => $moved]);
                }
            }
        }

        return null;
    }
}
