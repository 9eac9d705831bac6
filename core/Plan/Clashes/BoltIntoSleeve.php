<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Kinds\Conduit;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Lines;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** An anchor bolt where a sleeve leads through. */
final class BoltIntoSleeve implements Clash
{
    public static function finds(): string
    {
        return 'An anchor bolt where a sleeve leads through.';
    }

    public static function reason(): string
    {
        return 'A bolt needs concrete round it: beside a hole it pulls out.';
    }

    public static function source(): string
    {
        return 'common practice, no source: four bolt diameters of concrete';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Bolts::class) as $id => $bolts) {
            foreach ([...$in->all(Sleeve::class), ...$in->all(Conduit::class)] as $pipe) {
                foreach ($bolts->places() as $place) {
                    $off = Lines::distance($place, [$pipe->at->x, $pipe->at->y]);
                    if ($off < $pipe->diameter / 2 + 4 * $bolts->diameter - 1e-6) {
                        yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                            'one of them stands %s from the middle of '.$in->name($pipe), Measure::size($off),
                        ));

                        continue 3;
                    }
                }
            }
        }
    }
}
