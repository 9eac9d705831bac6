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

/** Anchor bolts further apart than light frame asks for. */
final class BoltsTooFar implements Clash
{
    /** Six feet, m. */
    private const FURTHEST = 1.829;

    public static function finds(): string
    {
        return 'Anchor bolts further apart than light frame asks for.';
    }

    public static function reason(): string
    {
        return 'Wind and earthquake lift and push the wall between two bolts.';
    }

    public static function source(): string
    {
        return 'IRC R403.1.6, from memory: 6 ft, 4 ft above two storeys; local code governs';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Bolts::class) as $id => $bolts) {
            if ($bolts->apart > self::FURTHEST + 1e-9) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'stand up to %s apart, where light frame asks for %s at most', Measure::size($bolts->apart),
                    Measure::size(self::FURTHEST),
                ), new Mend(Said::of('Set them %s apart', Measure::size(self::FURTHEST)), [$id => $bolts->but(apart: self::FURTHEST)]));
            }
        }
    }
}
