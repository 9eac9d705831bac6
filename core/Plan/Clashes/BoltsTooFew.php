<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A plate with one bolt. */
final class BoltsTooFew implements Clash
{
    public static function finds(): string
    {
        return 'A plate with one bolt.';
    }

    public static function reason(): string
    {
        return 'A plate on one bolt turns.';
    }

    public static function source(): string
    {
        return 'IRC R403.1.6, from memory: two a plate at least';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Bolts::class) as $id => $bolts) {
            if (count($bolts->places()) < 2) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'one bolt alone on a plate of %s: too short for two that stand %s from its ends', Measure::size($bolts->length()),
                    Measure::size($bolts->fromEnd),
                ));
            }
        }
    }
}
