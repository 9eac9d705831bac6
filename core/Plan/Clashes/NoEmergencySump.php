<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Kinds\Sump;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A floor below the ground whose water goes by gravity alone. */
final class NoEmergencySump implements Clash
{
    public static function finds(): string
    {
        return 'A floor below the ground whose water goes by gravity alone.';
    }

    public static function reason(): string
    {
        return 'A drain that is blocked or drowned stands in the cellar: a sump with a pump is the second way out.';
    }

    public static function source(): string
    {
        return 'common practice, no source';
    }

    public static function in(Around $in): iterable
    {
        if ($in->section->floor > $in->section->grade - 0.5 || $in->all(Sump::class) !== []) {
            return;
        }
        foreach ($in->all(Gully::class) as $id => $gully) {
            yield "item:{$id}" => new Found(Severity::Note, Said::of(
                'lies %s below the ground and drains by gravity alone: no sump stands ready', Measure::depth(
                    $in->section->grade - $gully->at->level,
                ),
            ));
        }
    }
}
