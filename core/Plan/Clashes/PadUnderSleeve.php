<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Pad;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Passes;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A sleeve that goes down through a pad. */
final class PadUnderSleeve implements Clash
{
    public static function finds(): string
    {
        return 'A sleeve that goes down through a pad.';
    }

    public static function reason(): string
    {
        return 'A pad carries a post with all of its width; a hole through it is for an engineer.';
    }

    public static function source(): string
    {
        return 'common practice, no source; an engineer decides';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Sleeve::class) as $id => $sleeve) {
            foreach ($sleeve->passes === Passes::Floor ? $in->all(Pad::class) : [] as $pad) {
                $off = max(abs($pad->at->x - $sleeve->at->x), abs($pad->at->y - $sleeve->at->y));
                if ($off < $pad->width / 2 + $sleeve->diameter / 2 - 1e-6) {
                    yield "item:{$id}" => new Found(Severity::Fix, Said::of('goes down through '.$in->name($pad)));
                }
            }
        }
    }
}
