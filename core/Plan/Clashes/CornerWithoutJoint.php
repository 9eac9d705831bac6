<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Proposals\Joints;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A corner that leads in and that no control joint begins at. */
final class CornerWithoutJoint implements Clash
{
    /** A joint that ends no further from a corner than this is its own, m. */
    private const AT_CORNER = 0.3;

    public static function finds(): string
    {
        return 'A corner that leads in and that no control joint begins at.';
    }

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
            $joint = Joints::fromCorner($in, $corner);
            yield "corner:{$corner}" => new Found(Severity::Note, Said::of(
                "Corner {$corner} leads in, and no control joint begins at it",
            ), $joint === null ? null : new Mend(
                Said::of(
                    'Cut a joint from it to the other side, %s', Measure::of($joint->length(), Quantity::Length),
                ), [Mend::NEW.$corner => $joint],
            ));
        }
    }
}
