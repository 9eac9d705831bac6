<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\Fall;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A floor that falls to a place where nothing leads the water away. */
final class FallWithoutOutlet implements Clash
{
    /** m. */
    private const NEAR = 0.6;

    public static function finds(): string
    {
        return 'A floor that falls to a place where nothing leads the water away.';
    }

    public static function reason(): string
    {
        return 'Water that is led to a point and not away stands there.';
    }

    public static function source(): string
    {
        return 'common practice, no source';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Fall::class) as $id => $fall) {
            [$x, $y] = $fall->low();
            $ends = array_map(
                static fn (DrainRun $d): float => hypot($d->at->x - $x, $d->at->y - $y), array_values($in->all(DrainRun::class)),
            );
            $isEdge = $in->inFromEdge($x, $y) < self::NEAR;
            if (! $isEdge && min([$in->nearest([Gully::class], $x, $y), ...$ends]) > self::NEAR) {
                yield "item:{$id}" => new Found(
                    Severity::Fix, Said::of('neither gully nor drain nor the slab’s edge lies at its low side'),
                );
            }
        }
    }
}
