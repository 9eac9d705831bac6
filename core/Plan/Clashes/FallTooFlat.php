<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Fall;
use Ondergrond\Plan\Mend;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A floor that falls less than water needs. */
final class FallTooFlat implements Clash
{
    public static function finds(): string
    {
        return 'A floor that falls less than water needs.';
    }

    public static function reason(): string
    {
        return 'Water stands on a floor that is flatter than its own unevenness.';
    }

    public static function source(): string
    {
        return 'common practice, no source: 1 to 2 % from floor to gully';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Fall::class) as $id => $fall) {
            if ($fall->flattest() < Fall::LEAST - 1e-9) {
                $drop = ceil(round(1000 * $fall->drop * Fall::LEAST / max(1e-9, $fall->flattest()), 6)) / 1000;
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    $fall->drop > 0.0 ? sprintf(
                        'falls 1 in %d where it is flattest, where a floor falls 1 in 100', round(1 / $fall->flattest()),
                    )
                        : 'does not fall',
                ), $fall->drop <= 0.0 || $drop > $in->design->slab->layer->thickness - 0.075 ? null : new Mend(
                    Said::of('Let it drop %s', Measure::size($drop)), [$id => $fall->but(drop: $drop)],
                ));
            }
        }
    }
}
