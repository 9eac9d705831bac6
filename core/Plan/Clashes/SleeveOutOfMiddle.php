<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Passes;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A hole through a beam or footing outside the middle third of its depth. */
final class SleeveOutOfMiddle implements Clash
{
    public static function finds(): string
    {
        return 'A hole through a beam or footing outside the middle third of its depth.';
    }

    public static function reason(): string
    {
        return 'The bars lie above and below the middle third; a hole there cuts their cover or themselves.';
    }

    public static function source(): string
    {
        return 'common practice, no source';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Sleeve::class) as $id => $sleeve) {
            $deep = $sleeve->passes === Passes::Edge ? $in->beamAt($sleeve->at->level) : null;
            if ($deep === null || $sleeve->diameter > ($deep[1] - $deep[0]) / 3 + 1e-9) {
                continue;
            }
            [$foot, $top] = $deep;
            $third = ($top - $foot) / 3;
            $half = $sleeve->diameter / 2;
            $level = max($foot + $third + $half, min($top - $third - $half, $sleeve->at->level));
            if (abs($level - $sleeve->at->level) > 1e-6) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'lies %s above the underside of concrete %s deep, outside its middle third', Measure::size($sleeve->at->level - $foot),
                    Measure::size($top - $foot),
                ), new Mend(
                    Said::of(
                        $level > $sleeve->at->level ? 'Raise it by %s' : 'Lower it by %s', Measure::size(abs($level - $sleeve->at->level)),
                    ),
                    [$id => $sleeve->but(at: $sleeve->at->but(level: round($level, 4)))],
                ));
            }
        }
    }
}
