<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Mend;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A control joint that is cut less than a quarter deep. */
final class CutTooShallow implements Clash
{
    public static function finds(): string
    {
        return 'A control joint that is cut less than a quarter deep.';
    }

    public static function reason(): string
    {
        return 'A slab cracks beside a cut that is too shallow.';
    }

    public static function source(): string
    {
        return 'ACI 302.1R, from memory: a quarter of the slab, 25 mm at least';
    }

    public static function in(Around $in): iterable
    {
        $slab = $in->design->slab->layer->thickness;
        $least = max(0.025, $slab / 4);
        foreach ($in->all(ControlJoint::class) as $id => $joint) {
            if ($joint->depth < $least - 1e-4) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'is cut %s deep into a slab of %s', Measure::size($joint->depth), Measure::size($slab),
                ), new Mend(
                    Said::of('Cut it %s deep', Measure::size($least)), [$id => $joint->but(depth: ControlJoint::deep($in->design))],
                ));
            }
        }
    }
}
