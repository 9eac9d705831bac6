<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Departure;
use Ondergrond\Design\Departures;
use Ondergrond\Design\Design;
use Ondergrond\Design\DesignPart;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Side;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Section\Stretch;

/**
 * Walls along which the ground or the footing lies otherwise than at the common edge. Each has a section of its own, judged
 * with the lowest ground along it: everything that is built stays at its level, the ground goes down beside it.
 */
final class UnevenGround
{
    /** @return list<Departure> those that the design can be built with, one for walls that are alike */
    public static function departures(Plan $plan, Design $design): array
    {
        return array_values(array_filter(self::all($plan, $design), static fn (Departure $d): bool => self::canStand($design, $d)));
    }

    /** @return list<string> walls that the design cannot be built along, in words */
    public static function unmet(Plan $plan, Design $design): array
    {
        $said = [];
        foreach (self::all($plan, $design) as $departure) {
            if (! self::canStand($design, $departure)) {
                $said[] = "{$departure->label}. This design's edge cannot be built so: step the footing down, or choose another edge. "
                    .'Until then it is judged as common edge.';
            }
        }

        return $said;
    }

    private static function canStand(Design $design, Departure $departure): bool
    {
        $footing = $departure->parts['footing'] ?? null;
        if ($footing instanceof Footing && $footing->depthBelowGrade < $footing->height) {
            return false;
        }
        try {
            Stretch::all($design->with(['departures' => new Departures($departure)]));
        } catch (FaultyInput) {
            return false;
        }

        return true;
    }

    /** @return array<string, non-empty-list<string>> walls that are alike, by the id of their stretch */
    public static function alike(Plan $plan): array
    {
        $alike = [];
        foreach ($plan->corners as $id => $corner) {
            if ($corner->wall->kind === WallKind::Outside && $corner->wall->differs()) {
                $alike[sprintf('%.3f %.3f', $corner->wall->lowest(), $corner->wall->step)][] = $id;
            }
        }

        return array_combine(array_map(static fn (array $walls): string => "wall-{$walls[0]}", $alike), $alike);
    }

    /** @return list<Departure> */
    private static function all(Plan $plan, Design $design): array
    {
        $alike = self::alike($plan);
        if ($alike === []) {
            return [];
        }
        try {
            $inner = PlannedDesign::inner($plan, $design)->sides();
        } catch (FaultyInput) {
            return [];
        }
        $found = [];
        foreach ($alike as $stretch => $ids) {
            $wall = $plan->corners[$ids[0]]->wall;
            $names = implode(', ', array_map(static fn (string $id): string => "{$id}–{$plan->corners[$id]->next}", $ids));
            $found[] = new Departure(
                $stretch, (count($ids) === 1 ? 'Wall ' : 'Walls ').$names.': '.self::words($wall), Side::Edge,
                round(array_sum(array_map(static fn (string $id): float => $inner[$id]->length(), $ids)), 9),
                self::parts($design, $wall),
            );
        }

        return $found;
    }

    private static function words(Wall $wall): string
    {
        $words = [];
        if (abs($wall->lowest()) > 1e-6) {
            $words[] = $wall->lowest() < 0.0 ? 'lower ground' : 'higher ground';
        }
        if (abs($wall->step) > 1e-6) {
            $words[] = $wall->step > 0.0 ? 'deeper footing' : 'shallower footing';
        }

        return implode(', ', $words);
    }

    /** @return array<string, DesignPart> */
    private static function parts(Design $design, Wall $wall): array
    {
        $up = -$wall->lowest();
        $parts = ['slab' => $design->slab->but(topAboveGrade: round($design->slab->topAboveGrade + $up, 9))];
        if ($design->stem->present()) {
            $parts['stem'] = $design->stem->but(topAboveGrade: round($design->stem->topAboveGrade + $up, 9));
            $parts['footing'] = $design->footing->but(
                depthBelowGrade: round($design->footing->depthBelowGrade - $up + $wall->step, 9),
            );
        } else {
            $parts['edgeBeam'] = $design->edgeBeam->but(depth: round($design->edgeBeam->depth + $wall->step, 9));
        }
        if ($design->deck->present()) {
            $parts['deck'] = $design->deck->but(topAboveGrade: round($design->deck->topAboveGrade + $up, 9));
        }
        if ($design->membrane->present()) {
            $parts['membrane'] = $design->membrane->but(topAboveGrade: round($design->membrane->topAboveGrade + $up, 9));
        }
        if ($design->edgeOutside->present()) {
            $parts['edgeOutside'] = $design->edgeOutside->but(
                depthBelowGrade: round(max(0.0, $design->edgeOutside->depthBelowGrade - $up), 9),
            );
        }

        return $parts;
    }
}
