<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Mend;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A manifold so far off that its loops are mostly feed. */
final class LoopTooLong implements Clash
{
    public static function finds(): string
    {
        return 'A manifold so far off that its loops are mostly feed.';
    }

    public static function reason(): string
    {
        return 'Water comes back cold from a loop that is too long, and the pump pays for it.';
    }

    public static function source(): string
    {
        return 'common practice, no source: feeds no more than a third of the loop';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(HeatedZone::class) as $id => $zone) {
            [$feed, $longest] = [2 * $zone->feed(), $zone->longest];
            if ($feed > $longest / 3 + 1e-6) {
                yield "item:{$id}" => new Found($feed >= $longest ? Severity::Stop : Severity::Fix, Said::of(
                    'its manifold stands so far off that %s of each loop of %s only lead there and back', Measure::of(
                        $feed, Quantity::Length,
                    ),
                    Measure::of($longest, Quantity::Length),
                ), new Mend(Said::of('Move the manifold to the zone’s edge'), [$id => $zone->but(
                    manifoldX: round($zone->at->x, 4), manifoldY: round($zone->at->y - $zone->width / 2, 4),
                )]));
            }
        }
    }
}
