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

/** A dig whose sloped side reaches over a lot line. */
final class DigOverLot implements Clash
{
    public static function finds(): string
    {
        return 'A dig whose sloped side reaches over a lot line.';
    }

    public static function reason(): string
    {
        return 'The slope of the dig is ground that is taken away: next door it is another’s.';
    }

    public static function source(): string
    {
        return 'OSHA 1926.652, from memory, for slopes; whose ground it is; a shored side stands upright';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(LotLine::class) as $id => $lot) {
            $apart = $lot->apart($in->plan->outline);
            if ($apart < $in->dig->top() - 1e-6) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    $apart < $in->dig->reach - 1e-6
                        ? 'lies %s from the building, and the dig needs %s with room to work, %s with its slope: shore it, by an engineer’s design'
                        : 'lies %s from the building, and the dig needs %s upright, %s with its slope: shore it, or agree with the neighbour',
                    Measure::depth($apart), Measure::depth($in->dig->reach), Measure::depth($in->dig->top()),
                ));
            }
        }
    }
}
