<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Dig;
use Ondergrond\Plan\Found;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** How deep people stand in the dig. */
final class Trench implements Clash
{
    /** Where nobody stands in it, m. */
    private const SHALLOW = 0.5;

    public static function finds(): string
    {
        return 'How deep people stand in the dig.';
    }

    public static function reason(): string
    {
        return 'Trenches fall in without warning, and earth does not let go.';
    }

    public static function source(): string
    {
        return 'OSHA 1926.652, from memory: protected from 5 ft, and below that unless a competent person finds no sign '
            .'of a cave-in; local code governs';
    }

    public static function in(Around $in): iterable
    {
        $deepest = 0.0;
        foreach ($in->plan->corners as $corner) {
            $deepest = max($deepest, $in->dig->depth() + max($corner->wall->grade, $corner->wall->gradeTo));
        }
        if ($deepest > self::SHALLOW) {
            $said = $in->dig->protection($deepest - $in->dig->depth());
            yield 'plan' => new Found(Severity::Note, Said::of(
                "The dig is %s deep: {$said}. Sloped 1.5 out to 1 up its top edge lies %s out; spoil and pegs stay %s from it", Measure::depth($deepest),
                Measure::depth($in->dig->top($deepest - $in->dig->depth())), Measure::depth(Dig::FREE),
            ));
        }
    }
}
