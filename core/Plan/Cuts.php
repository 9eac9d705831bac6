<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Section\Stretch;

/** Which section is cut at each wall of a plan. */
final class Cuts
{
    /**
     * @param  Design  $planned  on that plan
     * @return array<string, string> id of its stretch by wall; a wall beside what is heated has none
     */
    public static function of(Plan $plan, Design $planned): array
    {
        $there = array_column(Stretch::all($planned), 'id', 'id');
        $apart = [];
        foreach (array_intersect_key(UnevenGround::alike($plan), $there) as $stretch => $walls) {
            $apart += array_fill_keys($walls, $stretch);
        }
        $cuts = [];
        foreach ($plan->corners as $id => $corner) {
            $side = $corner->wall->kind->side();
            if ($side !== null) {
                $cuts[$id] = $apart[$id] ?? $there[$side->value] ?? Side::Edge->value;
            }
        }

        return $cuts;
    }
}
