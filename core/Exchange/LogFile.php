<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\AsBuilt\AsBuilt;
use Ondergrond\AsBuilt\Deviation;
use Ondergrond\AsBuilt\Difference;
use Ondergrond\Assessment;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\HoldItem;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Rules\Judged;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** What was read on site and what it adds up to, in the shape of result files; sentences are metric there. */
final class LogFile
{
    /**
     * @param  array<string, HoldState>  $holds
     * @return array<string, mixed>
     */
    public static function log(Logbook $log, array $holds): array
    {
        $format = new QuantityFormatter(UnitSystem::Metric);
        $standing = array_flip(array_column($log->standing(), 'id'));

        return [
            'entries' => array_map(static fn (Entry $e): array => [
                ...EntryCodec::toArray($e), 'state' => $e->said()->state->value, 'said' => $e->said()->words->in($format),
                'stands' => isset($standing[$e->id]),
            ], $log->entries),
            'hold_points' => array_map(static fn (HoldState $h): array => [
                'id' => $h->hold->value, 'name' => $h->hold->label(), 'word' => $h->word(), 'passed' => $h->isPassed(),
                'by' => $h->pass->who ?? null, 'missing' => $h->missing(), 'failing' => $h->failing(), 'competent' => $h->forCompetent(),
                'items' => array_map(static fn (HoldItem $i): array => [
                    'id' => $i->id, 'label' => $i->label, 'kind' => $i->kind->value, 'part' => $i->part, 'drawn' => $i->drawn,
                    'min' => $i->min, 'max' => $i->max, 'source' => $i->source,
                ], array_values($h->items)),
            ], array_values($holds)),
        ];
    }

    /** @return array<string, mixed> */
    public static function asBuilt(AsBuilt $built, Difference $difference): array
    {
        $format = new QuantityFormatter(UnitSystem::Metric);
        $side = static fn (Assessment $a): array => [
            'annual_kwh' => $a->field->allYear, 'mean_w' => $a->field->mean, 'h_g_w_k' => $a->field->steadyCoefficient,
            'margin_mm' => self::margin($a), 'word' => $a->judgement->word()->value,
            'findings' => array_map(static fn (Judged $j): string => $j->finding->rule->id(), $a->judgement->findings),
        ];

        return [
            'deviations' => array_map(static fn (Deviation $d): array => [
                'part' => $d->part()->value, 'stretch' => $d->stretch(), 'found' => $d->found(), 'drawn' => $d->drawn(),
                'said' => $d->said()->in($format),
            ], $built->deviations),
            'undrawn' => $built->undrawn,
            'before' => $side($difference->before),
            'after' => $side($difference->after),
            'difference' => [
                'annual_kwh' => $difference->annual(),
                'design_w' => $difference->designDay(),
                'mean_w' => $difference->mean(),
                'margin_mm' => $difference->margin() === null ? null : round(1000 * $difference->margin(), 1),
                'findings' => [
                    'brought' => array_map(static fn (Judged $j): string => $j->finding->rule->id(), $difference->brought()),
                    'taken' => array_map(static fn (Judged $j): string => $j->finding->rule->id(), $difference->taken()),
                ],
                'verdicts' => array_map(static fn (array $v): array => [
                    'verdict' => $v['concern']->value, 'before' => $v['before'], 'after' => $v['after'],
                ], $difference->verdicts()),
            ],
        ];
    }

    private static function margin(Assessment $a): ?float
    {
        $closest = $a->frost->closest();

        return $closest === null || ! is_finite($closest->margin) ? null : round(1000 * $closest->margin, 1);
    }
}
