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

/** The edge with all that stands at it over a lot line. */
final class EdgeOverLot implements Clash
{
    public static function finds(): string
    {
        return 'The edge with all that stands at it over a lot line.';
    }

    public static function reason(): string
    {
        return 'Nothing is built on another’s ground.';
    }

    public static function source(): string
    {
        return 'whose ground it is; local code governs';
    }

    public static function in(Around $in): iterable
    {
        $reach = max($in->section->outermost, $in->section->toe, 0.0);
        foreach ($in->all(LotLine::class) as $id => $lot) {
            $apart = $lot->apart($in->plan->outline);
            if ($apart < $reach - 1e-6) {
                yield "item:{$id}" => new Found(Severity::Stop, Said::of(
                    'lies %s from the building, and this design reaches %s out in the ground', Measure::size($apart), Measure::size($reach),
                ));
            }
        }
    }
}
