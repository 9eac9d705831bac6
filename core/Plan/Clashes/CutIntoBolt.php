<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Lines;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** An anchor bolt where a control joint ends. */
final class CutIntoBolt implements Clash
{
    public static function finds(): string
    {
        return 'An anchor bolt where a control joint ends.';
    }

    public static function reason(): string
    {
        return 'A bolt in a joint has concrete on one side of it alone.';
    }

    public static function source(): string
    {
        return 'common practice, no source: four bolt diameters of concrete';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Bolts::class) as $id => $bolts) {
            foreach ($in->all(ControlJoint::class) as $joint) {
                foreach ($bolts->places() as $place) {
                    $off = Lines::away($place, [$joint->at->x, $joint->at->y], [$joint->toX, $joint->toY]);
                    if ($off < 4 * $bolts->diameter - 1e-6) {
                        $said = 'one of them stands %s from '.$in->name($joint).': move the joint aside, or the plate’s end';
                        yield "item:{$id}" => new Found(Severity::Fix, Said::of($said, Measure::size($off)));

                        continue 3;
                    }
                }
            }
        }
    }
}
