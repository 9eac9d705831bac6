<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Passes;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A sleeve that is said to lead through the edge and stands inside the building. */
final class SleeveOffEdge implements Clash
{
    public static function finds(): string
    {
        return 'A sleeve that is said to lead through the edge and stands inside the building.';
    }

    public static function reason(): string
    {
        return 'A sleeve that is drawn in the wrong place is set in the wrong place.';
    }

    public static function source(): string
    {
        return 'common practice, no source';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Sleeve::class) as $id => $sleeve) {
            $edge = $in->inFromEdge($sleeve->at->x, $sleeve->at->y);
            if ($sleeve->passes === Passes::Edge && $edge > $in->edgeWidth() + 0.05) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'leads through edge or wall, and its middle is %s from the outer face, where the concrete is %s wide', Measure::size($edge),
                    Measure::size($in->edgeWidth()),
                ), new Mend(Said::of('Let it go down through the slab'), [$id => $sleeve->but(passes: Passes::Floor)]));
            }
        }
    }
}
