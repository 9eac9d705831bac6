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

/** Two sleeves through the edge nearer to each other than three of their diameters. */
final class SleevesTooNear implements Clash
{
    public static function finds(): string
    {
        return 'Two sleeves through the edge nearer to each other than three of their diameters.';
    }

    public static function reason(): string
    {
        return 'Concrete between two holes has to carry what the holes do not.';
    }

    public static function source(): string
    {
        return 'common practice, no source; three diameters from middle to middle';
    }

    public static function in(Around $in): iterable
    {
        $through = array_filter($in->all(Sleeve::class), static fn (Sleeve $s): bool => $s->passes === Passes::Edge);
        foreach ($through as $id => $sleeve) {
            foreach ($through as $other => $two) {
                $needs = 3 * max($sleeve->diameter, $two->diameter);
                $apart = Lines::distance([$sleeve->at->x, $sleeve->at->y], [$two->at->x, $two->at->y]);
                if (strcmp($other, $id) >= 0 || hypot($apart, $sleeve->at->level - $two->at->level) >= $needs - 1e-6) {
                    continue;
                }
                $wall = $in->wallAt($sleeve->at->x, $sleeve->at->y);
                $way = $wall->alongOf($sleeve->at->x, $sleeve->at->y) >= $wall->alongOf($two->at->x, $two->at->y) ? 1 : -1;
                [$u, $v] = $wall->direction();
                $by = $needs - $apart;
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    $in->name($two).' leads through %s beside it, where three diameters are %s', Measure::size($apart),
                    Measure::size($needs),
                ), new Mend(Said::of('Move it %s along the wall', Measure::size($by)), [$id => $sleeve->but(at: $sleeve->at->but(
                    x: round($sleeve->at->x + $way * $by * $u, 4), y: round($sleeve->at->y + $way * $by * $v, 4),
                ))]));
            }
        }
    }
}
