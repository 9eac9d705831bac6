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

/** Rock where this design is dug. */
final class RockInDig implements Clash
{
    public static function finds(): string
    {
        return 'Rock where this design is dug.';
    }

    public static function reason(): string
    {
        return 'Rock is dug by the hour and by the permit: it is known before the price is.';
    }

    public static function source(): string
    {
        return 'common practice, no source';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Pit::class) as $id => $pit) {
            if ($pit->rock !== null && $pit->rock - $pit->at->level < $in->dig->depth() - 1e-6) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'rock stands %s below the ground at the common edge, and this design is dug to %s: another foundation, or a price for the rock',
                    Measure::depth($pit->rock - $pit->at->level), Measure::depth($in->dig->depth()),
                ));
            }
        }
    }
}
