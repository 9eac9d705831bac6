<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Kinds\Recess;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A recess that comes down to the pipes. */
final class RecessIntoPipes implements Clash
{
    public static function finds(): string
    {
        return 'A recess that comes down to the pipes.';
    }

    public static function reason(): string
    {
        return 'Over a recess the pipes lie that much nearer to whoever drills there.';
    }

    public static function source(): string
    {
        return 'common practice, no source: 25 mm of concrete over a pipe';
    }

    public static function in(Around $in): iterable
    {
        $tops = $in->pipeTops();
        if ($tops === null) {
            return;
        }
        foreach ($in->all(Recess::class) as $id => $recess) {
            foreach ($in->all(HeatedZone::class) as $zone) {
                if ($zone->overlaps($recess) && $tops - $recess->depth < 0.025 - 1e-9) {
                    yield "item:{$id}" => new Found(Severity::Stop, Said::of(
                        'leaves %s over the pipes of '.$in->name($zone), Measure::size(max(0.0, $tops - $recess->depth)),
                    ));
                    break;
                }
            }
        }
    }
}
