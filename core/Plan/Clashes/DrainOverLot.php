<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\LotLine;
use Ondergrond\Plan\Lines;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A drain that leads over a lot line. */
final class DrainOverLot implements Clash
{
    public static function finds(): string
    {
        return 'A drain that leads over a lot line.';
    }

    public static function reason(): string
    {
        return 'Water that is led onto another’s ground is led back by a court.';
    }

    public static function source(): string
    {
        return 'whose ground it is; local code governs';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(DrainRun::class) as $id => $run) {
            foreach ($in->all(LotLine::class) as $lot) {
                if (Lines::gap(
                    [$run->at->x, $run->at->y], [$run->toX, $run->toY], [$lot->at->x, $lot->at->y], [$lot->toX, $lot->toY],
                ) < 1e-9) {
                    yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                        'leads over '.$in->name($lot).': with a right that is written down, or not at all',
                    ));
                }
            }
        }
    }
}
