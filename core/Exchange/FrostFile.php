<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Frost\FreezingIndex;
use Ondergrond\Frost\FrostDemand;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Frost\FrostTable;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Site\Calendar;

/** The frost part of an assessment file. */
final class FrostFile
{
    /** @return array<string, mixed> */
    public static function toArray(FrostVerdict $frost): array
    {
        $winter = $frost->winter;
        $closest = $frost->reason === null ? $frost->closest() : null;
        $mm = static fn (?float $m): ?float => $m === null || ! is_finite($m) ? null : round(1000 * $m, 1);

        return [
            'method' => 'US Army TM 5-852-6 (index, modified Berggren), EN ISO 13793:2001 (open ground, properties), IRC R403.3(1) '
                .'(table), all from memory; field: enthalpy method, a normal year and the design winter',
            'verdict' => ['word' => $frost->word()->value, 'share' => $frost->share(), 'governs' => $frost->governs()],
            'reason' => $frost->reason ?? ($frost->proofs === [] ? 'The winter has not been run on the section.' : null),
            'margin_mm' => $mm($closest?->margin),
            'error_mm' => $mm($closest?->error),
            'corner_covered' => $frost->coversCorners(),
            'day' => Calendar::written($closest?->day),
            'depth_mm' => $closest?->lowest === null
                ? ($closest === null ? null : 0.0)
                : $mm(max(0.0, $closest->bearing->grade - $closest->lowest)),
            'limit_mm' => $mm($closest?->bearing->depth() ?? $frost->bearingDepth()),
            'side' => $closest?->id(),
            'use' => $frost->site->frost->use->value,
            'freezing_index_c_d' => round($winter->index, 2),
            'freezing_index_k_h' => round(FreezingIndex::kelvinHours($winter->index), 1),
            'freezing_index_f_d' => round(FreezingIndex::fahrenheitDays($winter->index), 1),
            'freezing_index_mean_c_d' => round($winter->mean, 2),
            'freezing_index_months_c_d' => round($winter->smooth, 2),
            'freezing_index_method' => $winter->method,
            'return_years' => $frost->site->frost->years,
            'season_days' => $winter->season->days,
            'design_winter_c' => array_map(static fn (float $t): float => round($t, 2), $winter->design),
            'soil' => [
                'susceptibility' => $frost->susceptibility->value, 'lambda_thawed' => $frost->soil->thawed,
                'lambda_frozen' => $frost->soil->frozen,
                'capacity_thawed_j_m3k' => $frost->soil->thawedCapacity, 'capacity_frozen_j_m3k' => $frost->soil->frozenCapacity,
                'latent_j_m3' => $frost->soil->latent, 'source' => $frost->soil->source,
            ],
            'open_ground' => $frost->open === null ? null : [
                'n' => $frost->open->factor, 'stefan_mm' => $mm($frost->open->stefan), 'berggren_mm' => $mm($frost->open->berggren),
                'neumann_mm' => $mm($frost->open->exact), 'iso_13793_mm' => $mm($frost->open->standard),
                'layered_mm' => $mm($frost->open->layered), 'depth_mm' => $mm($frost->depth()),
                'governs' => $frost->open->governs(),
            ],
            'footing' => ['depth_mm' => $mm($frost->bearingDepth()), 'margin_mm' => $mm($frost->footingMargin())],
            'table' => self::table($frost->table),
            'field' => $frost->proofs === [] ? null : self::field($frost->proofs),
        ];
    }

    /** @return array<string, mixed> */
    private static function table(FrostTable $table): array
    {
        return [
            'index_f_d' => round($table->index, 1),
            'holds' => $table->holds(),
            'why_not' => $table->why,
            'editions' => FrostTable::EDITIONS,
            'asks' => array_map(static fn (FrostDemand $d): array => [
                'what' => $d->slug, $d->isLength ? 'needed_m' : 'needed_m2kw' => round($d->needed, 4),
                $d->isLength ? 'found_m' : 'found_m2kw' => is_finite($d->found) ? round($d->found, 4) : null,
                'holds' => $d->holds(),
            ], $table->demands),
        ];
    }

    /**
     * @param  list<FrostProof>  $proofs
     * @return array<string, array<string, mixed>> by side and use
     */
    private static function field(array $proofs): array
    {
        $sides = [];
        foreach ($proofs as $p) {
            $sides[$p->id()][$p->use->value] = [
                'margin_mm' => is_finite($p->margin) ? round(1000 * $p->margin, 1) : null,
                'error_mm' => round(1000 * $p->error, 1),
                'close' => abs($p->margin) < $p->close(),
                'ice_under_slab_mm' => round(1000 * $p->slabIce, 1),
                'ice_under_neighbour_mm' => round(1000 * $p->neighbourIce, 1),
                'ice_along_stem_mm' => round(1000 * $p->stemIce, 1),
                'day' => Calendar::written($p->day),
                'deepest_under_bearing_mm' => $p->lowest === null ? null : round(1000 * ($p->bearing->grade - $p->lowest), 1),
                'limit_mm' => round(1000 * $p->bearing->depth(), 1),
                'open_ground_mm' => round(1000 * $p->open, 1),
                'heat_kwh_m' => round($p->heat, precision: 2),
                'cells' => $p->cells,
                'energy_closure' => $p->closure,
                'residual' => $p->residual,
            ];
        }

        return $sides;
    }
}
