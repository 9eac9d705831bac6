<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Pipes nearer to the surface than a saw needs. */
final class CutIntoPipes implements Clash
{
    /** Between the saw and what it must not meet, m. */
    private const SPARE = 0.025;

    public static function finds(): string
    {
        return 'Pipes nearer to the surface than a saw needs.';
    }

    public static function reason(): string
    {
        return 'A saw that meets a pipe floods the slab, and the pipe is never whole again.';
    }

    public static function source(): string
    {
        return 'common practice, no source: the cut and 25 mm';
    }

    public static function in(Around $in): iterable
    {
        $tops = $in->pipeTops();
        if ($tops === null) {
            return;
        }
        foreach ($in->all(ControlJoint::class) as $id => $joint) {
            foreach ($in->all(HeatedZone::class) as $zone) {
                if ($zone->meets($joint) && $tops < $joint->depth + self::SPARE - 1e-9) {
                    yield "item:{$id}" => new Found(Severity::Stop, Said::of(
                        'is cut %s deep over pipes whose tops lie %s below the slab’s surface', Measure::size($joint->depth),
                        Measure::size($tops),
                    ));
                    break;
                }
            }
        }
    }
}
