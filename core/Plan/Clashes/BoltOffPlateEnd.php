<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Mend;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Bolts too near to a plate’s end, or too far from it. */
final class BoltOffPlateEnd implements Clash
{
    /** A foot, m. */
    private const FURTHEST = 0.305;

    public static function finds(): string
    {
        return 'Bolts too near to a plate’s end, or too far from it.';
    }

    public static function reason(): string
    {
        return 'Too near, the plate splits; too far, its end lifts.';
    }

    public static function source(): string
    {
        return 'IRC R403.1.6, from memory: 7 diameters to 12 in; local code governs';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Bolts::class) as $id => $bolts) {
            $least = 7 * $bolts->diameter;
            if ($bolts->fromEnd > self::FURTHEST + 1e-9 || $bolts->fromEnd < $least - 1e-9) {
                $end = round(max($least, min(self::FURTHEST, $bolts->fromEnd)), 4);
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'stand %s from a plate’s end, where %s to %s are asked for', Measure::size($bolts->fromEnd), Measure::size($least),
                    Measure::size(self::FURTHEST),
                ), $least > self::FURTHEST ? null : new Mend(Said::of('Set the first and the last %s from its ends', Measure::size($end)), [
                    $id => $bolts->but(fromEnd: $end),
                ]));
            }
        }
    }
}
