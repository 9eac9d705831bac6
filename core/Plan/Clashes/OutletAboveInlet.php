<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Carries;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Mend;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A drain whose outlet lies above its inlet. */
final class OutletAboveInlet implements Clash
{
    public static function finds(): string
    {
        return 'A drain whose outlet lies above its inlet.';
    }

    public static function reason(): string
    {
        return 'Water does not run uphill.';
    }

    public static function source(): string
    {
        return 'physics';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(DrainRun::class) as $id => $run) {
            if ($run->toLevel > $run->at->level + 1e-9 && $run->carries !== Carries::FootingForm) {
                yield "item:{$id}" => new Found(Severity::Stop, Said::of(
                    'its outlet lies %s above its inlet', Measure::size($run->toLevel - $run->at->level),
                ), new Mend(Said::of('Lower its outlet below its inlet, with the fall that it asks for'), [$id => $run->but(
                    toLevel: floor(10000 * ($run->at->level - $run->carries->fall($run->diameter) * $run->length())) / 10000,
                )]));
            }
        }
    }
}
