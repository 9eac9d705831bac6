<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Toilet;
use Ondergrond\Plan\Mend;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A toilet’s bend that its pan does not fit. */
final class ToiletOffWall implements Clash
{
    public static function finds(): string
    {
        return 'A toilet’s bend that its pan does not fit.';
    }

    public static function reason(): string
    {
        return 'A pan stands off its wall, or does not go on, by as much as the bend is off.';
    }

    public static function source(): string
    {
        return 'common practice, no source; the pan’s maker';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Toilet::class) as $id => $toilet) {
            $there = $in->inFromFinish($toilet->at->x, $toilet->at->y);
            $off = $there - $toilet->wall;
            if (abs($off) > max(0.01, $toilet->tolerance()) + 1e-9 && $there <= 2 * $toilet->wall) {
                [$u, $v] = $in->inner->nearest($toilet->at->x, $toilet->at->y)->inward();
                $moved = $toilet->but(
                    at: $toilet->at->but(x: round($toilet->at->x - $off * $u, 4), y: round($toilet->at->y - $off * $v, 4)),
                );
                // In a corner another wall is the nearest then.
                $fits = abs($in->inFromFinish($moved->at->x, $moved->at->y) - $toilet->wall) < 0.001;
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'its bend stands %s from the finished wall, where its pan asks for %s', Measure::size($there),
                    Measure::size($toilet->wall),
                ), ! $fits ? null : new Mend(
                    Said::of(
                        $off > 0 ? 'Move it %s towards the wall' : 'Move it %s away from the wall', Measure::size(abs($off)),
                    ), [$id => $moved],
                ));
            }
        }
    }
}
