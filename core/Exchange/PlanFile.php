<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\WallLine;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** A plan and what is in it, in the shape of result files: lengths in m, levels over the ground at the common edge. */
final class PlanFile
{
    /** @return array<string, mixed> of an option; without a plan nothing, in the same shape */
    public static function of(Project $project, Option $option): array
    {
        $plan = $project->planOf($option);

        return $plan === null ? self::none() : self::toArray($plan, $option->written(), $option->layout);
    }

    /**
     * @param  Design  $design  as it was typed
     * @return array<string, mixed>
     *
     * @throws FaultyInput where it cannot stand on the plan
     */
    public static function toArray(Plan $plan, Design $design, Items $layout): array
    {
        $footprint = PlannedDesign::footprint($plan, $design);
        $inner = PlannedDesign::inner($plan, $design);
        $concrete = $plan->atConcrete($design);

        return [
            'outline' => array_map(
                static fn (string $id, array $at): array => ['id' => $id, 'x_m' => $at[0], 'y_m' => $at[1]],
                array_keys($plan->outline->points),
                array_values($plan->outline->points),
            ),
            'area_m2' => $footprint->area,
            'perimeter_m' => $footprint->perimeter,
            'exposed_m' => $footprint->exposed,
            'b_m' => $footprint->characteristicDimension(),
            'face' => $plan->face->value,
            'outer_area_m2' => $concrete->outline->area(),
            'outer_perimeter_m' => $concrete->outline->perimeter(),
            'wall_m' => PlannedDesign::wall($design),
            'sides' => array_map(
                static fn (WallLine $s): array => [
                    'id' => $s->from, 'kind' => $plan->corners[$s->from]->wall->kind->value, 'length_m' => $s->length(),
                    'drawn_m' => $plan->outline->sides()[$s->from]->length(),
                ],
                array_values($inner->sides()),
            ),
            'corners' => $inner->corners(),
            'stretches' => array_map(
                static fn (Stretch $s): array => ['id' => $s->id, 'name' => $s->label, 'kind' => $s->kind->value, 'length_m' => $s->length],
                Stretch::all(PlannedDesign::of($plan, $design, $layout)),
            ),
            'items' => array_map(
                static fn (string $id, Item $item): array => [
                    'id' => $id, 'kind' => $item::slug(), 'name' => $item->at()->name, 'x_m' => $item->spots()[0]->x,
                    'y_m' => $item->spots()[0]->y, 'level_m' => $item->spots()[0]->level, 'tolerance_m' => $item->tolerance(),
                ],
                array_keys($plan->items->and($layout)->all),
                array_values($plan->items->and($layout)->all),
            ),
            'findings' => self::findings(PlanReview::of($plan, $design, $layout), $plan, $layout),
            'unmet' => PlannedDesign::unmet($plan, $design),
        ];
    }

    /**
     * @param  array<string, non-empty-list<Remark>>  $review
     * @return list<array<string, string>>
     */
    private static function findings(array $review, Plan $plan, Items $layout): array
    {
        $items = $plan->items->and($layout)->all;
        $format = new QuantityFormatter(UnitSystem::Metric);
        $found = [];
        foreach ($review as $about => $remarks) {
            foreach ($remarks as $r) {
                $found[] = [
                    'about' => $about, 'name' => isset($items[substr($about, 5)]) ? $items[substr($about, 5)]->at()->name : '',
                    'rule' => $r->id, 'severity' => $r->severity->value, 'said' => $r->said->in($format), 'reason' => $r->reason,
                    'source' => $r->why, 'remedy' => $r->mend?->words->in($format) ?? '',
                ];
            }
        }

        return $found;
    }

    /** @return array<string, mixed> without a plan: nothing, in the same shape */
    public static function none(): array
    {
        return [
            'outline' => null, 'area_m2' => 0, 'perimeter_m' => 0, 'exposed_m' => 0, 'b_m' => 0, 'sides' => [],
            'corners' => ['outward' => 0, 'reentrant' => 0], 'stretches' => [], 'items' => [], 'findings' => [], 'unmet' => [],
        ];
    }

    /** One line for each corner, wall, opening and item. */
    public static function csv(Plan $plan, Items $layout): string
    {
        $m = static fn (float $value): string => (string) round($value, 4);
        $lines = [
            ['what', 'id', 'name', 'x_m', 'y_m', 'level_m', 'to_x_m', 'to_y_m', 'to_level_m', 'tolerance_m', 'trade', 'serves', 'note'],
        ];
        foreach ($plan->outline->points as $id => [$x, $y]) {
            $lines[] = ['corner', $id, '', $m($x), $m($y), '', '', '', '', '', '', '', ''];
        }
        foreach ($plan->outline->sides() as $id => $side) {
            $lines[] = [
                'wall', $id, "{$side->from}–{$side->to}", $m($side->start[0]), $m($side->start[1]), '', $m($side->end[0]),
                $m($side->end[1]),
                '', '', '', $plan->corners[$id]->wall->kind->label(), '',
            ];
        }
        foreach ($plan->openings as $id => $opening) {
            $side = $plan->outline->sides()[$opening->wall];
            [[$x, $y], [$u, $v]] = [$side->at($opening->from), $side->at($opening->from + $opening->width)];
            $lines[] = [$opening->kind->value, $id, '', $m($x), $m($y), $m($opening->sill), $m($u), $m($v), '', '', '', '', ''];
        }
        foreach ($plan->items->and($layout)->all as $id => $item) {
            [$at, $spots] = [$item->at(), $item->spots()];
            $end = count($spots) > 1 ? [$m($spots[1]->x), $m($spots[1]->y), $m($spots[1]->level)] : ['', '', ''];
            $lines[] = [
                $item::slug(), $id, $at->name, $m($spots[0]->x), $m($spots[0]->y), $m($spots[0]->level), ...$end, $m($item->tolerance()),
                $at->trade->label(), $at->serves, $at->note,
            ];
        }

        return CsvWriter::write($lines);
    }
}
