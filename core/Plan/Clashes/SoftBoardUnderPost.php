<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Design\SupportFoot;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\BearingStrip;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A post on board that is too soft for a bearing. */
final class SoftBoardUnderPost implements Clash
{
    /** kPa. */
    private const HARD = 276.0;

    public static function finds(): string
    {
        return 'A post on board that is too soft for a bearing.';
    }

    public static function reason(): string
    {
        return 'Soft board under a post creeps: the slab settles there, and cracks round it.';
    }

    public static function source(): string
    {
        return 'common practice, no source: hard board of 40 psi (276 kPa) and more under bearings';
    }

    public static function in(Around $in): iterable
    {
        foreach ([...$in->all(Post::class), ...$in->all(BearingStrip::class)] as $id => $item) {
            $kind = $in->design->supports->kinds()[$item->of] ?? null;
            $board = $kind?->foot() === SupportFoot::HardBoard ? $kind->board->strength : null;
            if ($kind !== null && $kind->foot() === SupportFoot::HardBoard && ($board ?? 0.0) < self::HARD - 0.5) {
                yield "item:{$id}" => new Found($board === null ? Severity::NotChecked : Severity::Fix, $board === null
                    ? Said::of('stands on hard board whose strength nobody says')
                    : Said::of('stands on board of %s, where bearings ask for %s', Measure::stress($board), Measure::stress(self::HARD)));
            }
        }
    }
}
