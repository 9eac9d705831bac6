<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Proposals;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Proposal;
use Ondergrond\Plan\WallKind;
use Ondergrond\Plan\WallLine;

/** Anchor bolts along each wall's plate, from door to door. */
final class SillBolts implements Proposal
{
    /** Middle of a plate in from the outer face, m; common practice, no source. */
    private const MIDDLE = 0.07;

    /** Six feet, m. */
    private const FURTHEST = 1.829;

    public static function label(): string
    {
        return 'Anchor bolts';
    }

    public static function rule(): string
    {
        return 'A plate from corner to corner and from door to door, two bolts each at least, equal spaces of 1.829 m at most or as the section '
            .'has them, 7 diameters to 305 mm from each end (IRC R403.1.6, from memory; local code governs).';
    }

    public static function of(Around $in): array
    {
        if (! $in->design->slab->present() && ! $in->design->stem->present()) {
            return [];
        }
        $anchors = $in->design->anchors;
        [$diameter, $apart, $end] = $anchors->present() ? [$anchors->bolt, min(self::FURTHEST, $anchors->apart), $anchors->fromEnd]
            : [0.012, self::FURTHEST, 0.25];
        $found = [];
        foreach ($in->plan->outline->sides() as $id => $wall) {
            if ($in->plan->corners[$id]->wall->kind === WallKind::Joined) {
                continue;
            }
            foreach (self::plates($in, $id, $wall) as $number => [$from, $to]) {
                [[$x, $y], [$u, $v]] = [$wall->at($from, self::MIDDLE), $wall->at($to, self::MIDDLE)];
                if ($to - $from >= 2 * $end && ! self::isHeld($in, $wall, ($from + $to) / 2)) {
                    $found[] = new Bolts(
                        Bolts::usual()->put(
                            "Sill {$wall->from}–{$wall->to}".($number === 0 ? '' : ', '.($number + 1)), round($x, 4), round($y, 4),
                            round($in->section->top, 4),
                        ), round($u, 4), round($v, 4), $diameter, $apart, $end,
                    );
                }
            }
        }

        return $found;
    }

    /** @return list<array{float, float}> from where to where along the wall, between its doors */
    private static function plates(Around $in, string $id, WallLine $wall): array
    {
        $doors = array_filter($in->plan->openings, static fn ($o): bool => $o->wall === $id && $o->kind->isDoor());
        usort($doors, static fn ($a, $b): int => $a->from <=> $b->from);
        $plates = [];
        $from = 0.0;
        foreach ($doors as $door) {
            $plates[] = [$from, $door->from];
            $from = $door->from + $door->width;
        }
        $plates[] = [$from, $wall->length()];

        return $plates;
    }

    /** Whether bolts stand on that plate already. */
    private static function isHeld(Around $in, WallLine $wall, float $along): bool
    {
        foreach ($in->all(Bolts::class) as $bolts) {
            $ends = [$wall->alongOf($bolts->at->x, $bolts->at->y), $wall->alongOf($bolts->toX, $bolts->toY)];
            if (abs($wall->depthOf($bolts->at->x, $bolts->at->y)) < 0.5 && abs($wall->depthOf($bolts->toX, $bolts->toY)) < 0.5
                && $along > min($ends) && $along < max($ends)) {
                return true;
            }
        }

        return false;
    }
}
