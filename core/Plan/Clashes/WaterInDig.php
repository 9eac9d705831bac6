<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Pit;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Water where this design is dug. */
final class WaterInDig implements Clash
{
    public static function finds(): string
    {
        return 'Water where this design is dug.';
    }

    public static function reason(): string
    {
        return 'A dig with water in it undermines itself, and concrete is not poured into water.';
    }

    public static function source(): string
    {
        return 'common practice, no source';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Pit::class) as $id => $pit) {
            if ($pit->water !== null && $pit->water - $pit->at->level < $in->dig->depth() - 1e-6) {
                yield "item:{$id}" => new Found(Severity::Note, Said::of(
                    'water stands %s below the ground at the common edge, and this design is dug to %s: pumps, and their outlet',
                    Measure::depth($pit->water - $pit->at->level), Measure::depth($in->dig->depth()),
                ));
            }
        }
    }
}
