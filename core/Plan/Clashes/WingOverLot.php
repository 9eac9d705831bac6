<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\LotLine;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A frost wing that reaches over a lot line. */
final class WingOverLot implements Clash
{
    public static function finds(): string
    {
        return 'A frost wing that reaches over a lot line.';
    }

    public static function reason(): string
    {
        return 'Next door somebody may dig it up, and the frost comes in.';
    }

    public static function source(): string
    {
        return 'whose ground it is; local code governs';
    }

    public static function in(Around $in): iterable
    {
        $reach = $in->dig->wing;
        foreach ($reach > 0.0 ? $in->all(LotLine::class) : [] as $id => $lot) {
            $apart = $lot->apart($in->plan->outline);
            if ($apart < $reach - 1e-6) {
                yield "item:{$id}" => new Found(Severity::Stop, Said::of(
                    'lies %s from the building, and the wing reaches %s out', Measure::size($apart), Measure::size($reach),
                ));
            }
        }
    }
}
