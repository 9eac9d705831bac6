<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Proposals;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Proposal;

/** A zone of pipes in each panel of a heated floor, so that no pipe crosses a joint but on its way to the manifold. */
final class Loops implements Proposal
{
    /** From walls and joints, m; common practice, no source. */
    private const CLEAR = 0.15;

    private const LEAST = 1.0;

    /** No wall is thicker, m. */
    private const THROUGH = 1.0;

    public static function label(): string
    {
        return 'Heating loops';
    }

    public static function rule(): string
    {
        return 'A zone in each rectangular panel, 150 mm from walls and joints, pipes as far apart as the section has them, the manifold at the '
            .'first wall; as many loops as the longest allows, each with its own way there and back (common practice, no source).';
    }

    public static function of(Around $in): array
    {
        $heating = $in->design->heating;
        if (! $heating->present() || $in->pipeTops() === null || $in->all(HeatedZone::class) !== []) {
            return [];
        }
        $wall = $in->inner->sides()[array_key_first($in->inner->points)];
        [$mx, $my] = $wall->at(min(1.0, $wall->length() / 2), 0.1);
        $found = [];
        foreach ($in->panels->all ?? [] as $panel) {
            [$x, $y, $long, $wide, $turn] = $panel->box();
            $zone = static fn (float $clear): HeatedZone => new HeatedZone(
                HeatedZone::usual()->put(
                    'Zone '.(count($found) + 1), round($x, 4), round($y, 4), round($in->section->floor - $heating->depth, 4),
                ),
                round(
                    $long - 2 * $clear, 4,
                ), round($wide - 2 * $clear, 4), round($turn, 4), $heating->spacing, round($mx, 4), round($my, 4),
                longest: $heating->loop,
            );
            // A slab reaches under its walls: pipes stay off their finished faces.
            $under = max([0.0, ...array_map(static fn (array $c): float => -$in->inFromFinish(...$c), $zone(0.0)->corners())]);
            $clear = self::CLEAR + ($under > self::THROUGH ? 0.0 : $under);
            if ($panel->isWhole() && min($long, $wide) - 2 * $clear > self::LEAST) {
                $found[] = $zone($clear);
            }
        }

        return $found;
    }
}
