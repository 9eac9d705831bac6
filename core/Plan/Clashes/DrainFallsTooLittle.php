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

/** A drain that falls less than what it carries needs. */
final class DrainFallsTooLittle implements Clash
{
    /** m; common practice, no source. */
    private const LEVEL = 0.005;

    public static function finds(): string
    {
        return 'A drain that falls less than what it carries needs.';
    }

    public static function reason(): string
    {
        return 'Water that stands in a pipe leaves behind what it carried, and the pipe closes.';
    }

    public static function source(): string
    {
        return 'by what it carries: IRC P3005.3 and DIN 4095, both from memory; local code governs';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(DrainRun::class) as $id => $run) {
            $least = $run->carries->fall($run->diameter);
            $fall = $run->fall();
            if ($run->carries === Carries::FootingForm) {
                if (abs($run->at->level - $run->toLevel) > self::LEVEL + 1e-9) {
                    yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                        'falls by %s: the footing is poured on it, and it lies dead level, within %s', Measure::size(
                            abs($run->at->level - $run->toLevel),
                        ), Measure::size(self::LEVEL),
                    ), new Mend(Said::of('Lay it level'), [$id => $run->but(toLevel: $run->at->level)]));
                }
            } elseif ($fall < $least - 1e-6 && $run->length() > 0.0 && $run->toLevel <= $run->at->level + 1e-9) {
                yield "item:{$id}" => new Found($run->carries === Carries::Footing ? Severity::Note : Severity::Fix, Said::of(
                    ($fall <= 1e-9 ? 'lies level' : sprintf('falls 1 in %d', round(1 / $fall))).sprintf(
                        ' and carries %s, which asks for 1 in %d', $run->carries->label(), round(1 / $least),
                    ),
                ), new Mend(Said::of('Lower its end by %s', Measure::size($run->toLevel - $run->at->level + $least * $run->length())), [
                    $id => $run->but(toLevel: floor(10000 * ($run->at->level - $least * $run->length())) / 10000),
                ]));
            }
        }
    }
}
