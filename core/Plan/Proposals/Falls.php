<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Proposals;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\FallsTo;
use Ondergrond\Plan\Kinds\Fall;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Proposal;

/** A local fall round each gully. */
final class Falls implements Proposal
{
    /** Side of the square, m. */
    private const SIDE = 2.4;

    private const SLOPE = 0.015;

    public static function label(): string
    {
        return 'Falls to gullies';
    }

    public static function rule(): string
    {
        return 'A square of 2.4 m round each gully, no nearer to the walls than their finished face, falling 1.5 % to it: between the 1 and 2 % of '
            .'a floor (common practice, no source). For one pitched plane put a fall in by hand.';
    }

    public static function of(Around $in): array
    {
        $found = [];
        foreach ($in->all(Gully::class) as $gully) {
            $half = min(self::SIDE / 2, $in->inFromFinish($gully->at->x, $gully->at->y));
            if ($half < 0.3 || $in->nearest([Fall::class], $gully->at->x, $gully->at->y) < self::SIDE / 2) {
                continue;
            }
            // The flattest way is from a corner.
            $found[] = new Fall(
                Fall::usual()->put(
                    mb_substr("Fall to {$gully->at->name}", 0, 60), $gully->at->x, $gully->at->y, round($in->section->slab, 4),
                ),
                round(2 * $half, 3), round(2 * $half, 3), 0.0, ceil(round(1000 * self::SLOPE * $half, 6)) / 1000, FallsTo::Middle,
            );
        }

        return $found;
    }
}
