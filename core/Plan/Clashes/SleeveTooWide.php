<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Passes;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A hole through a beam or footing that is wider than a third of its depth. */
final class SleeveTooWide implements Clash
{
    public static function finds(): string
    {
        return 'A hole through a beam or footing that is wider than a third of its depth.';
    }

    public static function reason(): string
    {
        return 'What is left over and under the hole carries the wall: an engineer says with which bars.';
    }

    public static function source(): string
    {
        return 'common practice, no source; a third of the depth; beyond it an engineer decides';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Sleeve::class) as $id => $sleeve) {
            $deep = $sleeve->passes === Passes::Edge ? $in->beamAt($sleeve->at->level) : null;
            if ($deep !== null && $sleeve->diameter > ($deep[1] - $deep[0]) / 3 + 1e-9) {
                yield "item:{$id}" => new Found(Severity::Stop, Said::of(
                    'makes a hole of %s through concrete %s deep, of which a third is %s: an engineer decides',
                    Measure::size($sleeve->diameter),
                    Measure::size($deep[1] - $deep[0]), Measure::size(($deep[1] - $deep[0]) / 3),
                ));
            }
        }
    }
}
