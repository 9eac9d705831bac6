<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Two heated zones that lie over each other. */
final class ZonesOverlap implements Clash
{
    public static function finds(): string
    {
        return 'Two heated zones that lie over each other.';
    }

    public static function reason(): string
    {
        return 'Pipes of two loops in one place are paid twice and laid once.';
    }

    public static function source(): string
    {
        return 'common practice, no source';
    }

    public static function in(Around $in): iterable
    {
        $zones = $in->all(HeatedZone::class);
        foreach ($zones as $id => $zone) {
            foreach ($zones as $other => $two) {
                if (strcmp($other, $id) < 0 && $zone->overlaps($two)) {
                    yield "item:{$id}" => new Found(Severity::Fix, Said::of('lies over '.$in->name($two)));
                }
            }
        }
    }
}
