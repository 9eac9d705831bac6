<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Bars nearer to the surface than a saw needs. */
final class CutIntoBars implements Clash
{
    /** Between the saw and what it must not meet, m. */
    private const SPARE = 0.025;

    public static function finds(): string
    {
        return 'Bars nearer to the surface than a saw needs.';
    }

    public static function reason(): string
    {
        return 'A saw that meets a bar is spoilt, and a bar that is cut holds nothing.';
    }

    public static function source(): string
    {
        return 'common practice, no source: the cut and 25 mm';
    }

    public static function in(Around $in): iterable
    {
        $steel = $in->design->steel;
        // Two layers lie over the cover below: the upper one is the nearer.
        $tops = $in->design->slab->layer->thickness - $steel->cover - 2 * $steel->bar;
        foreach ($steel->present() ? $in->all(ControlJoint::class) : [] as $id => $joint) {
            if ($tops < $joint->depth + self::SPARE - 1e-9) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'is cut %s deep over bars whose tops lie %s below the surface: lower them on their chairs, or leave every second one out there',
                    Measure::size($joint->depth), Measure::size(max(0.0, $tops)),
                ));
            }
        }
    }
}
