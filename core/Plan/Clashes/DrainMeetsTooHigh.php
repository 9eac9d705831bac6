<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Lines;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A drain that ends at another where that one begins higher. */
final class DrainMeetsTooHigh implements Clash
{
    /** Ends no further apart are one, m. */
    private const MEET = 0.3;

    public static function finds(): string
    {
        return 'A drain that ends at another where that one begins higher.';
    }

    public static function reason(): string
    {
        return 'Where two pipes meet the one that comes in may not lie below the one that leads on.';
    }

    public static function source(): string
    {
        return 'physics';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(DrainRun::class) as $id => $run) {
            foreach ($in->all(DrainRun::class) as $next) {
                if ($next === $run || Lines::distance([$run->toX, $run->toY], [$next->at->x, $next->at->y]) > self::MEET) {
                    continue;
                }
                if ($run->toLevel < $next->at->level - 1e-6) {
                    yield "item:{$id}" => new Found(Severity::Stop, Said::of(
                        'ends %s below where '.$in->name($next).' begins', Measure::size($next->at->level - $run->toLevel),
                    ));
                }
            }
        }
    }
}
