<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Damp\DampStack;
use Ondergrond\Damp\DampVerdict;
use Ondergrond\Damp\DampYear;
use Ondergrond\Damp\DrainDuty;
use Ondergrond\Damp\Groundwater;
use Ondergrond\Damp\Stacks;
use Ondergrond\Damp\StackVariant;
use Ondergrond\Damp\Surface;
use Ondergrond\Damp\Surfaces;
use Ondergrond\Damp\Trap;
use Ondergrond\Damp\Vapour;
use Ondergrond\Damp\VapourStack;
use Ondergrond\Verdict\Verdict;

/** The damp part of an assessment file. */
final class DampFile
{
    /** @return array<string, mixed> */
    public static function toArray(DampVerdict $damp): array
    {
        $air = $damp->air;
        $round = static fn (array $values, int $digits): array => array_map(static fn (float $v): float => round($v, $digits), $values);
        $limit = $damp->design->finish->strictest()->limit();

        return [
            'method' => 'ISO 13788:2012 (vapour pressures, condensation month by month, f_Rsi), from memory; ground side and surfaces '
                .'from the field; DIN 4108-3 limits, from memory. Vapour alone: no capillary water, no leaking air, no storage',
            'verdict' => [
                'word' => $damp->word()->value,
                'share' => $damp->share(),
                'words' => array_map(static fn (Verdict $v): string => $v->value, $damp->words()),
            ],
            'air' => [
                'humidity_class' => $damp->site->damp->humidity->value,
                'inside_c' => $round($air->inside, 2), 'inside_pa' => $round($air->insidePressure, 1),
                'outside_c' => $round($air->outside, 2), 'outside_pa' => $round($air->outsidePressure, 1),
                'muggy_dew_point_c' => $round($air->muggy, 2),
            ],
            'f_rsi' => $damp->factor(),
            'f_rsi_needed' => $damp->needed,
            'f_rsi_needed_month' => $damp->neededMonth,
            'f_rsi_needed_monthly' => Surfaces::neededBy($air),
            'hours_at_risk' => $damp->surfaces === null ? null : $damp->hoursAtRisk(),
            'hours_at_risk_set_back' => $damp->surfaces === null ? null : $damp->hoursAtRiskSetBack(),
            'surfaces' => array_map(static fn (Surface $s): array => [
                'side' => $s->side, 'surface' => $s->name, 'x_m' => round($s->x, 4), 'y_m' => round($s->y, 4), 'f_rsi' => $s->factor,
                'monthly_c' => $round($s->temperatures, 2), 'monthly_rh' => $round($s->humidity, 4), 'months_at_risk' => $s->atRisk(),
                'months_at_risk_set_back' => $s->atRiskSetBack(), 'muggy_over_k' => $round($s->muggy, 2), 'months_sweating' => $s->sweats(),
            ], $damp->surfaces ?? []),
            'stacks' => array_map(static fn (DampStack $s): array => [
                ...self::stack($s),
                'variants' => array_map(static fn (StackVariant $v): array => [
                    'what' => $v->label, 'word' => $v->stack->word()->value, 'peak_kg_m2' => $v->stack->year->peak,
                    'left_kg_m2' => $v->stack->year->left,
                ], Stacks::variants($damp->design, $s)),
            ], $damp->stacks ?? []),
            'traps' => array_map(static fn (Trap $t): array => [
                'part' => $t->part->value, 'what' => $t->what, 'water_kg_m2' => $t->water, 'inward_sd_m' => $t->inward,
                'outward_sd_m' => $t->outward,
                'dries_kg_m2_a' => $t->rate, 'years' => is_finite($t->years()) ? $t->years() : null, 'holds' => $t->holds(),
            ], $damp->traps),
            'water' => self::water($damp->water, $damp->duty),
            'drying' => $damp->drying === null ? null : [
                'thickness_m' => $damp->drying->thickness, 'both_sides' => $damp->drying->both, 'air_rh' => $damp->drying->air,
                'start_rh' => $damp->drying->start,
                'finish' => $damp->design->finish->kind->value, 'limit_rh' => $limit, 'wait_days' => $damp->design->finish->wait,
                'rh_then' => $damp->drying->humidity($damp->design->finish->wait),
                'days_needed' => $limit === null ? null : $damp->drying->daysTo($limit),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function stack(DampStack $s): array
    {
        return [
            'place' => $s->place->value,
            'label' => $s->label,
            'towards' => $s->beyond,
            'word' => $s->word()->value,
            'share' => $s->share(),
            ...self::year($s->stack, $s->year),
        ];
    }

    /** @return array<string, mixed> a stack and its year, interface by interface */
    public static function year(VapourStack $stack, DampYear $year): array
    {
        $layers = $interfaces = [];
        foreach ($stack->layers as $layer) {
            $layers[] = [
                'name' => $layer->name,
                'thickness_m' => $layer->thickness,
                'r_m2kw' => $layer->resistance,
                'sd_m' => $layer->airLayer,
            ];
        }
        $temperatures = array_map($stack->temperatures(...), $stack->months);
        foreach ($stack->s as $cut => $s) {
            if ($stack->border[$cut] || isset($year->held[$cut])) {
                $interfaces[] = [
                    'where' => $stack->place($cut), 'depth_m' => round($stack->depth($cut), 5), 'sd_m' => $s,
                    'monthly_c' => array_map(static fn (array $t): float => round($t[$cut], 3), $temperatures),
                    'saturation_pa' => array_map(static fn (array $t): float => round(Vapour::saturation($t[$cut]), 1), $temperatures),
                    'pressure_pa' => array_map(static fn (array $p): float => round($p[$cut], 1), $year->pressures),
                    'condensate_kg_m2' => $year->condensed[$cut] ?? array_fill(0, 12, 0.0),
                    'held_kg_m2' => $year->held[$cut] ?? array_fill(0, 12, 0.0),
                ];
            }
        }

        return [
            'layers' => $layers,
            'interfaces' => $interfaces,
            'starts_month' => $year->start,
            'peak_kg_m2' => $year->peak,
            'left_kg_m2' => $year->left,
        ];
    }

    /** @return array<string, mixed> */
    private static function water(Groundwater $water, ?DrainDuty $duty): array
    {
        $finite = static fn (?float $v): ?float => $v === null || ! is_finite($v) ? null : $v;

        return [
            'word' => $water->word()->value, 'table_m' => $finite($water->table), 'known' => $water->isKnown(), 'floor_m' => $water->floor,
            'floor_head_m' => $water->floorHead, 'uplift_kpa' => $water->uplift(), 'weight_kpa' => $water->weight,
            'lift_share' => $water->liftShare(),
            'boards_lift_kpa' => $water->boards, 'wall_head_m' => $water->wallHead, 'wall_kpa' => $water->wallPressure(),
            'wall_kn_m' => $water->wallForce(), 'drained' => $water->drained, 'unsealed' => $water->unsealed(),
            'drains' => $duty === null ? null : [
                'ground_m3_s' => $duty->ground, 'rain_m3_s' => $duty->rain, 'reach_m' => $duty->reach, 'pump_m3_s' => $duty->pump(),
                'head_m' => $duty->head(), 'pump_w' => $duty->power(), 'sump_m3' => $duty->sump(), 'assumes' => DrainDuty::BASE,
            ],
        ];
    }
}
