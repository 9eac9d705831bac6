<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Sump;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A sump beside the footing and deeper than the 45° line from it. */
final class SumpUnderminesFooting implements Clash
{
    public static function finds(): string
    {
        return 'A sump beside the footing and deeper than the 45° line from it.';
    }

    public static function reason(): string
    {
        return 'A shaft beside a footing takes away the ground that carries it.';
    }

    public static function source(): string
    {
        return 'common practice, no source; an engineer decides how it is shored';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Sump::class) as $id => $sump) {
            $out = abs($in->plan->outline->outside($sump->at->x, $sump->at->y));
            $inside = $in->plan->outline->holds($sump->at->x, $sump->at->y);
            $clear = $out - $sump->diameter / 2 - ($inside ? $in->edgeWidth() + max(0.0, $in->section->toe) : max(0.0, $in->section->toe));
            $below = $in->section->foot - ($sump->at->level - $sump->depth);
            if ($below > max(0.0, $clear) + 1e-3) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'goes %s below the footing, %s beside it: outside its 45° line it would stand %s further off', Measure::size($below),
                    Measure::size(max(0.0, $clear)), Measure::size($below - max(0.0, $clear)),
                ));
            }
        }
    }
}
