<?php

declare(strict_types=1);

namespace Ondergrond\Compare;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\History\ChangeWords;
use Ondergrond\Mass\MassVerdict;
use Ondergrond\Mass\Question\CoastDown;
use Ondergrond\Project\Option;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Ruling;
use Ondergrond\Rules\Rulings;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Site;
use Ondergrond\Takeoff\Item;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Takeoff\Takeoff;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

/** Options side by side: what they come to, what the rules find in each, and what of their parts differs. */
final readonly class Comparison
{
    /**
     * @param  list<Option>  $options
     * @param  array<string, list<Row>>  $groups  by title
     */
    private function __construct(
        public array $options,
        public array $groups,
    ) {}

    /**
     * @param  non-empty-list<Option>  $options
     * @param  list<FieldSummary|null>  $fields  of each; null where it is still to be solved
     * @param  list<list<FrostProof>>  $winters  of each, those that were run
     * @param  PriceList|null  $prices  of materials; null or empty: insulation is counted in m³
     * @param  list<array<int, float|null>|null>  $hours  of each, how long its rooms take to cool to so many °C, h; null where it is still to be simulated
     */
    public static function of(
        Site $site,
        array $options,
        array $fields,
        UnitSystem $units,
        QuantityFormatter $format,
        array $winters = [],
        array $hours = [],
        ?PriceList $prices = null,
    ): self {
        $heats = array_map(static fn (Option $o): HeatVerdict => HeatVerdict::of($site, $o->design), $options);
        $frosts = array_map(
            static fn (Option $o, ?array $proofs): FrostVerdict => FrostVerdict::of($site, $o->design)->proved($proofs ?? []),
            $options,
            $winters === [] ? array_fill(0, count($options), []) : $winters,
        );
        $subjects = array_map(
            static fn (Option $o, FrostVerdict $f, ?FieldSummary $s): Subject => new Subject(
                $site,
                $o->design,
                $units,
                frost: $f,
                faces: $s?->faces,
            ),
            $options,
            $frosts,
            $fields,
        );
        $found = array_map(Rulebook::findings(...), $subjects);
        $findings = array_map(self::byRule(...), $found);
        $rulings = array_map(
            static function (Subject $s, array $f, Option $o, ?FieldSummary $field): Rulings {
                $now = Rulings::of($s, $f, $o->setAside);

                return $field === null ? $now : $now->knowing(Concern::Damp, Verdict::from($field->damp));
            },
            $subjects,
            $found,
            $options,
            $fields,
        );
        $heading = ['Family' => array_map(static fn (Option $o): string => ucfirst(str_replace('-', ' ', $o->design->family)), $options)];

        return new self($options, [
            'Verdicts' => self::verdictRows($rulings),
            'Cost' => self::costRows($options, $prices, $format),
            'Heat' => [
                new Row('Built as', $heading['Family']),
                self::numbers(
                    'Heating months, by the standard',
                    Quantity::Energy,
                    array_map(static fn (HeatVerdict $h): float => $h->floor->heating, $heats),
                    $format,
                ),
                self::numbers(
                    'Heating months, as drawn',
                    Quantity::Energy,
                    self::from($fields, static fn (FieldSummary $f): float => $f->heating),
                    $format,
                ),
                self::numbers(
                    'Mean of the year, as drawn',
                    Quantity::Power,
                    self::from($fields, static fn (FieldSummary $f): float => $f->mean),
                    $format,
                ),
                self::numbers(
                    'Design day, by the standard',
                    Quantity::Power,
                    array_map(static fn (HeatVerdict $h): float => $h->floor->design, $heats),
                    $format,
                ),
                self::numbers(
                    'U, by the standard',
                    Quantity::Transmittance,
                    array_map(static fn (HeatVerdict $h): float => $h->floor->transmittance(), $heats),
                    $format,
                ),
                self::numbers(
                    'U, as drawn with junctions',
                    Quantity::Transmittance,
                    self::from($fields, static fn (FieldSummary $f): float => $f->transmittance),
                    $format,
                ),
                self::numbers(
                    'What the junctions add',
                    Quantity::HeatLoss,
                    self::from($fields, static fn (FieldSummary $f): float => $f->junctions),
                    $format,
                ),
                self::numbers(
                    'ψ at the edge',
                    Quantity::LinearTransmittance,
                    self::from($fields, static fn (FieldSummary $f): float => $f->psi['edge'] ?? 0.0),
                    $format,
                ),
            ],
            'Frost' => self::frostRows($frosts, $format),
            'Damp' => self::dampRows($fields, $format),
            'Mass' => self::massRows(
                array_map(static fn (Option $o): MassVerdict => MassVerdict::of($site, $o->design), $options),
                $hours === [] ? array_fill(0, count($options), null) : $hours,
                $format,
            ),
            'Findings' => self::findingRows($findings, $options, $format),
            'Parts that differ' => self::partRows($options, $format),
        ]);
    }

    /** @return list<list<string>> a header and a line for each row, cells as they are read */
    public function table(): array
    {
        $lines = [['', '', ...array_map(static fn (Option $o): string => $o->name, $this->options)]];
        foreach ($this->groups as $title => $rows) {
            foreach ($rows as $row) {
                $lines[] = [$title, $row->label, ...$row->cells];
            }
        }

        return $lines;
    }

    /**
     * @param  list<float|null>  $values
     */
    private static function numbers(string $label, Quantity $quantity, array $values, QuantityFormatter $format): Row
    {
        return new Row(
            $label.', '.$format->unit($quantity),
            array_map(static fn (?float $v): string => $v === null ? '…' : $format->number($v, $quantity), $values),
            $values,
        );
    }

    /**
     * @param  list<FieldSummary|null>  $fields
     * @param  callable(FieldSummary): float  $value
     * @return list<float|null>
     */
    private static function from(array $fields, callable $value): array
    {
        return array_map(static fn (?FieldSummary $f): ?float => $f === null ? null : $value($f), $fields);
    }

    /**
     * @param  list<Rulings>  $rulings
     * @return list<Row> the gravest of each option first, then each verdict
     */
    private static function verdictRows(array $rulings): array
    {
        return [
            self::ruled('In all', array_map(static fn (Rulings $r): Ruling => $r->worst(), $rulings)),
            ...array_map(
                static fn (Concern $c): Row => self::ruled(
                    $c->label(), array_map(static fn (Rulings $r): Ruling => $r->on($c), $rulings),
                ),
                Concern::verdicts(),
            ),
        ];
    }

    /** @param  list<Ruling>  $of */
    private static function ruled(string $label, array $of): Row
    {
        return new Row(
            $label,
            array_map(static fn (Ruling $r): string => $r->stamped(), $of),
            rulings: $of,
        );
    }

    /**
     * @param  list<Option>  $options
     * @return list<Row>
     */
    private static function costRows(array $options, ?PriceList $prices, QuantityFormatter $format): array
    {
        if ($prices === null || $prices->isEmpty()) {
            return [self::numbers('Insulation, net, no prices given', Quantity::Bulk, array_map(
                static fn (Option $o): float => array_sum(array_map(
                    static fn (Item $i): float => $i->material->insulates() ? $i->volume() : 0.0, Takeoff::of($o->design),
                )),
                $options,
            ), $format)];
        }
        $costs = array_map(static fn (Option $o): float => $prices->cost($o->design), $options);
        $missing = array_map(static fn (Option $o): array => $prices->missing($o->design), $options);

        return [
            new Row(
                'Materials, net'.($prices->currency === '' ? '' : ', '.$prices->currency),
                array_map(static fn (float $cost): string => $format->mark->grouped($cost), $costs),
                array_filter($missing) === [] ? $costs : [],
            ),
            ...(array_filter($missing) === [] ? [] : [new Row('Of that without a price', array_map(
                static fn (array $of): string => $of === [] ? 'none' : implode('; ', $of),
                $missing,
            ))]),
        ];
    }

    /**
     * @param  list<FrostVerdict>  $frosts
     * @return list<Row>
     */
    private static function frostRows(array $frosts, QuantityFormatter $format): array
    {
        $use = $frosts[0]->site->frost->use->label();

        return [
            new Row(
                'Shallowest bearing on the ground',
                array_map(static fn (FrostVerdict $f): string => $format->format($f->bearingDepth(), Quantity::Depth), $frosts),
            ),
            new Row('Frost margin, as drawn, '.$use, array_map(static function (FrostVerdict $f) use ($format): string {
                $margin = $f->closest()?->margin;

                return match (true) {
                    $f->reason !== null => 'not judged',
                    $margin === null => 'not run yet',
                    default => is_finite($margin) ? $format->format($margin, Quantity::Depth) : 'no frost near',
                };
            }, $frosts)),
        ];
    }

    /**
     * @param  list<FieldSummary|null>  $fields
     * @return list<Row>
     */
    private static function dampRows(array $fields, QuantityFormatter $format): array
    {
        return [
            self::numbers(
                'Most that condenses',
                Quantity::Water,
                self::from($fields, static fn (FieldSummary $f): float => $f->condensed),
                $format,
            ),
        ];
    }

    /**
     * @param  list<MassVerdict>  $masses
     * @param  list<array<int, float|null>|null>  $hours
     * @return list<Row> none is best: slow or quick is for the use to say
     */
    private static function massRows(array $masses, array $hours, QuantityFormatter $format): array
    {
        $rows = [
            new Row(
                'Floor takes in over a day, κ, '.$format->unit(Quantity::Capacity),
                array_map(static fn (MassVerdict $m): string => $format->number($m->day()->inner / 1000, Quantity::Capacity), $masses),
            ),
            new Row(
                'Held in the warm for a '.($format->system === UnitSystem::Metric ? 'kelvin' : 'degree').', '
                    .$format->unit(Quantity::Stored),
                array_map(
                    static fn (MassVerdict $m): string => $format->number($m->store() * $format->system->degree(), Quantity::Stored),
                    $masses,
                ),
            ),
        ];
        foreach (CoastDown::TO as $t) {
            $rows[] = new Row(
                'Without heating at '.$format->format((float) $t, Quantity::Temperature).' after, '.$format->unit(Quantity::Hours),
                array_map(
                    static fn (?array $h): string => $h === null ? '…' : (
                        isset($h[$t])
                        ? $format->number($h[$t], Quantity::Hours)
                        : 'never in twenty days'
                    ),
                    $hours,
                ),
            );
        }

        return $rows;
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, Finding> by rule
     */
    private static function byRule(array $findings): array
    {
        return array_combine(array_map(static fn (Finding $f): string => $f->rule->id(), $findings), $findings);
    }

    /**
     * @param  list<array<string, Finding>>  $findings
     * @param  list<Option>  $options
     * @return list<Row>
     */
    private static function findingRows(array $findings, array $options, QuantityFormatter $format): array
    {
        $rows = [];
        foreach (Severity::cases() as $severity) {
            $counts = array_map(
                static fn (array $of, Option $o): int => count(
                    array_filter($of, static fn (Finding $f): bool => $f->severity === $severity && ! self::isSetAside($o, $f)),
                ),
                $findings,
                $options,
            );
            $rows[] = new Row(ucfirst($severity->value), array_map(strval(...), $counts), array_map(floatval(...), $counts));
        }
        $met = [];
        foreach ($findings as $of) {
            foreach ($of as $id => $finding) {
                $met[$id] = min($met[$id] ?? 9, $finding->severity->rank());
            }
        }
        asort($met);
        foreach (array_keys($met) as $id) {
            $cells = array_map(static function (array $of, Option $o) use ($id, $format): string {
                $finding = $of[$id] ?? null;

                return match (true) {
                    $finding === null => '–',
                    self::isSetAside($o, $finding) => 'set aside',
                    default => $finding->severity->value.(
                        $finding->severity === Severity::NotChecked
                        || $finding->measured === null ? '' : ': '.$finding->measured->in($format)
                    ),
                };
            }, $findings, $options);
            $rows[] = new Row(Rulebook::all()[$id]->asks(), $cells);
        }

        return $rows;
    }

    private static function isSetAside(Option $option, Finding $finding): bool
    {
        return in_array($finding->rule->id(), array_column($option->setAside, 'rule'), true);
    }

    /**
     * @param  list<Option>  $options
     * @return list<Row>
     */
    private static function partRows(array $options, QuantityFormatter $format): array
    {
        $flat = array_map(static fn (Option $o): array => self::flat(DesignCodec::toArray($o->design)), $options);
        $words = new ChangeWords($format);
        $rows = [];
        foreach (array_keys(array_merge(...$flat)) as $path) {
            $values = array_map(static fn (array $of): mixed => $of[$path] ?? null, $flat);
            if (count(array_unique(array_map(static fn (mixed $v): string => json_encode($v, JSON_THROW_ON_ERROR), $values))) > 1) {
                $rows[] = new Row(
                    ChangeWords::label('design.'.$path),
                    array_map(static fn (mixed $v): string => $v === null ? '–' : $words->value('design.'.$path, $v), $values),
                );
            }
        }

        return $rows;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed> values by path
     */
    private static function flat(array $data, string $prefix = ''): array
    {
        $flat = [];
        foreach ($data as $key => $value) {
            $flat = [...$flat, ...(is_array($value) ? self::flat($value, $prefix.$key.'.') : [$prefix.$key => $value])];
        }

        return $flat;
    }
}
