<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A drain beside the building’s own footing and below the 45° line from it. */
final class DrainUnderminesFooting implements Clash
{
    public static function finds(): string
    {
        return 'A drain beside the building’s own footing and below the 45° line from it.';
    }

    public static function reason(): string
    {
        return 'A trench beside a footing takes away the ground that carries it.';
    }

    public static function source(): string
    {
        return 'IRC P2604.4, from memory: not below a 45° line from the footing; local code governs';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(DrainRun::class) as $id => $run) {
            $worst = 0.0;
            foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $share) {
                [$x, $y] = [$run->at->x + $share * ($run->toX - $run->at->x), $run->at->y + $share * ($run->toY - $run->at->y)];
                $level = $run->at->level + $share * ($run->toLevel - $run->at->level) - $run->diameter / 2;
                $out = $in->plan->outline->outside($x, $y) - max(0.0, $in->section->toe);
                // Where it leads under the edge it is not beside it.
                if ($out > 0.1) {
                    $worst = max($worst, $in->section->foot - $out - $level);
                }
            }
            if ($worst > 1e-3) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'lies %s below the 45° line from the footing beside it: lay it further out, or step the footing down', Measure::size($worst),
                ));
            }
        }
    }
}
