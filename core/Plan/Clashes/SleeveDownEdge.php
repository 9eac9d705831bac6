<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Lines;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Passes;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A sleeve that goes down through the beam or the stem at the edge. */
final class SleeveDownEdge implements Clash
{
    /** Of concrete left between hole and edge, m; common practice, no source. */
    private const CLEAR = 0.05;

    public static function finds(): string
    {
        return 'A sleeve that goes down through the beam or the stem at the edge.';
    }

    public static function reason(): string
    {
        return 'A hole down through the edge takes the bars that carry the wall, and water finds it.';
    }

    public static function source(): string
    {
        return 'common practice, no source';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Sleeve::class) as $id => $sleeve) {
            $edge = $in->inFromEdge($sleeve->at->x, $sleeve->at->y);
            $short = $in->edgeWidth() + $sleeve->diameter / 2 - $edge;
            if ($sleeve->passes === Passes::Floor && $edge > 0.0 && $short > 1e-6) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'goes down through the edge: its middle is %s from the outer face, where the concrete is %s wide', Measure::size($edge),
                    Measure::size($in->edgeWidth()),
                ), self::further($id, $sleeve, $in));
            }
        }
    }

    /** Off each wall that it stands too near to; null where there is no room between them. */
    private static function further(string $id, Sleeve $sleeve, Around $in): ?Mend
    {
        $needs = $in->edgeWidth() + $sleeve->diameter / 2;
        [$x, $y] = [$sleeve->at->x, $sleeve->at->y];
        foreach ($in->plan->outline->sides() as $side) {
            $deep = $side->depthOf($x, $y);
            if ($deep < $needs && Lines::away([$x, $y], $side->start, $side->end) < $needs) {
                [$u, $v] = $side->inward();
                [$x, $y] = [$x + ($needs + self::CLEAR - $deep) * $u, $y + ($needs + self::CLEAR - $deep) * $v];
            }
        }

        return $in->inFromEdge($x, $y) < $needs + 1e-6 ? null : new Mend(
            Said::of('Move it %s off the edge', Measure::size(hypot($x - $sleeve->at->x, $y - $sleeve->at->y))),
            [$id => $sleeve->but(at: $sleeve->at->but(x: round($x, 4), y: round($y, 4)))],
        );
    }
}
