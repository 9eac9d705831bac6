<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Proposals;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Kinds\WingCorner;
use Ondergrond\Plan\Proposal;

/** The wing round each corner that stands out, as the section has it. */
final class WingCorners implements Proposal
{
    public static function label(): string
    {
        return 'Wing at corners';
    }

    public static function rule(): string
    {
        return 'At each corner that stands out, as wide, as thick and as far along both walls as the section says: frost comes in from two '
            .'sides there.';
    }

    public static function of(Around $in): array
    {
        $wing = $in->design->wing;
        $found = [];
        foreach ($wing->present() ? $in->plan->outline->outward() : [] as $corner) {
            [$x, $y] = $in->plan->outline->points[$corner];
            if ($in->nearest([WingCorner::class], $x, $y) > 0.5) {
                $found[] = new WingCorner(
                    WingCorner::usual()->put("Wing at {$corner}", round($x, 4), round($y, 4), round(-$wing->depth, 4)),
                    max(0.1, $wing->cornerLength), $wing->outAtCorner(), $wing->atCorner(),
                );
            }
        }

        return $found;
    }
}
