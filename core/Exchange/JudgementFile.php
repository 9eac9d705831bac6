<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Consequence;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Judged;
use Ondergrond\Rules\Judgement;
use Ondergrond\Rules\Requirement;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\Said;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;

/** The findings of an assessment file; sentences are metric there. */
final class JudgementFile
{
    /** @return array<string, mixed> */
    public static function summary(Judgement $judgement): array
    {
        return [
            'word' => $judgement->word()->value,
            'rules' => $judgement->rules,
            ...array_combine(
                array_map(static fn (Severity $s): string => str_replace(' ', '_', $s->value), Severity::cases()),
                array_map($judgement->count(...), Severity::cases()),
            ),
            'set_aside' => $judgement->setAside(),
            'requirements' => array_map(static fn (Requirement $r): array => [
                'where' => $r->where, 'needs_m2kw' => $r->needed, 'has_m2kw' => round($r->found, 3),
                'by' => array_map(static fn (Part $p): string => $p->value, $r->by), 'word' => $r->word()->value,
            ], $judgement->requirements),
        ];
    }

    /**
     * @param  array<string, Consequence|null>  $costs  of them and their remedies, by rule
     * @return list<array<string, mixed>>
     */
    public static function findings(Judgement $judgement, array $costs): array
    {
        $format = new QuantityFormatter(UnitSystem::Metric);

        return array_map(static function (Judged $judged) use ($costs, $format): array {
            $f = $judged->finding;

            return [
                'rule' => $f->rule->id(),
                'severity' => $f->severity->value,
                'message' => $f->said->in($format),
                'measured' => $f->measured?->value,
                'limit' => $f->limit?->value,
                'unit' => $f->measured?->unit() ?? $f->limit?->unit(),
                'reason' => $f->rule->why(),
                'remedy' => $f->remedy === null ? null : [
                    'message' => $f->remedy->said->in($format),
                    'access' => $judged->access?->value,
                    'obstacle' => $judged->obstacle,
                    'brings' => array_map(static fn (Finding $b): string => $b->rule->id(), $judged->brings),
                    'takes' => $judged->takes,
                    'worse' => array_map(
                        static fn (Said $s): string => $s->in($format),
                        // By the fields where they are solved, by the sums else.
                        [...$judged->worse, ...($costs[$f->rule->id()] ?? null)?->worse() ?? []],
                    ),
                ],
                'answer' => $f->answer === null ? null : [
                    'message' => $f->answer->said->in($format), 'path' => $f->answer->path, 'value' => $f->answer->value,
                ],
                'source' => $f->rule->source(),
                'cost' => self::cost($f, ($costs[$f->rule->id()] ?? null)?->saves),
                'unsaid' => $f->unsaid,
                'set_aside' => $judged->setAside?->toArray(),
            ];
        }, $judgement->findings);
    }

    /**
     * @return array<string, float>|null what ignoring it costs: heat as the mean of the year, pressure over what is allowed, size that
     * is missing
     */
    private static function cost(Finding $finding, ?float $watts): ?array
    {
        [$measured, $limit] = [$finding->measured, $finding->limit];
        $cost = array_filter([
            'mean_w' => $watts,
            'kpa' => $measured?->quantity === Quantity::Stress && $limit !== null ? $measured->value - $limit->value : null,
            'mm' => $measured?->quantity === Quantity::Thickness && $limit !== null ? 1000 * abs($limit->value - $measured->value) : null,
        ], is_float(...));

        return $cost === [] ? null : $cost;
    }
}
