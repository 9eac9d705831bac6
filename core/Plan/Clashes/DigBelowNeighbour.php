<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\NeighbourFooting;
use Ondergrond\Plan\Lines;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A dig below the 45° line from a footing next door. */
final class DigBelowNeighbour implements Clash
{
    public static function finds(): string
    {
        return 'A dig below the 45° line from a footing next door.';
    }

    public static function reason(): string
    {
        return 'The ground under that footing slides into the dig, and the house with it.';
    }

    public static function source(): string
    {
        return 'common practice, no source: 45° from the footing’s edge; an engineer and the neighbour decide before '
            .'anyone digs';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(NeighbourFooting::class) as $id => $footing) {
            $worst = -INF;
            foreach ($in->plan->outline->sides() as $side) {
                $apart = Lines::gap($side->start, $side->end, [$footing->at->x, $footing->at->y], [$footing->toX, $footing->toY]);
                $clear = max(0.0, $apart - $in->dig->reach);
                $worst = max($worst, $footing->at->level + $in->dig->depth() - $clear);
            }
            if ($worst > 1e-6) {
                yield "item:{$id}" => new Found(Severity::Stop, Said::of(
                    'the dig goes %s below the 45° line from it: an engineer designs how that footing is held, before anyone digs', Measure::size($worst),
                ));
            }
        }
    }
}
