<?php

declare(strict_types=1);

namespace Ondergrond\Search;

use Closure;
use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Ground\InsideWave;
use Ondergrond\Heat\Iso13370;
use Ondergrond\Heat\SteadyLoss;
use Ondergrond\Project\SetAside;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Site;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Takeoff\Takeoff;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;

/**
 * The cheapest designs of a space that hold. Every design is judged: by the rules that look at an open part, by the limits,
 * and by its heat. The formula does not see all boards at the edge, so its heat is corrected by what fields of the design
 * with one open size at a time have shown: Φ ≈ Φ_formula + Σ (Φ_field − Φ_formula of each size alone). The front of price
 * against heat is then confirmed by fields of its own, which have the last word; and from the cheapest on, the winter is run
 * and what hangs on the field is asked, until one holds. Nothing is applied.
 */
final class Search
{
    private const TABLE = 'frost-table-met';

    /** Designs of the front that get a field. */
    private const CONFIRMED = 14;

    /** And so many more that the guess puts ahead of one that is listed. */
    private const MORE = 14;

    /** Designs of the front whose winter is run at most. */
    private const WINTERS = 12;

    /** Also those that the guess puts so little behind the front, share of their loss. */
    private const NEAR = 0.02;

    private int $judged = 0;

    private int $hold = 0;

    private int $fields = 0;

    private int $tried = 0;

    private int $untried = 0;

    /** @var array<string, int> */
    private array $broken = [];

    /** @var list<Choice> */
    private array $holding = [];

    private readonly int $start;

    /** @var list<string> ids of rules that are set aside */
    private readonly array $aside;

    /** @var list<string> ids of rules that look at an open part and are not set aside */
    private readonly array $rules;

    /**
     * @param  list<SetAside>  $setAside
     * @param  Closure(Outcome): bool  $progress  told every so often; false stops the search
     * @param  Closure(Design, callable(): void): list<FrostProof>  $prove  its winters
     */
    private function __construct(
        private readonly Site $site,
        private readonly Space $space,
        private readonly Limits $limits,
        private readonly PriceList $prices,
        private readonly UnitSystem $units,
        array $setAside,
        private readonly Closure $progress,
        private readonly Closure $prove,
    ) {
        $this->start = (int) hrtime(true);
        $this->aside = $aside = array_column($setAside, 'rule');
        $this->rules = array_keys(
            array_filter(
                Rulebook::all(),
                static fn ($rule, string $id): bool => ! in_array($id, $aside, true) && array_filter(
                    $rule->parts(),
                    $space->touches(...),
                ) !== [],
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    /**
     * @param  list<SetAside>  $setAside  rules that count for nothing
     * @param  (Closure(Outcome): bool)|null  $progress  told every so often; false stops the search
     * @param  (Closure(Design, callable(): void): list<FrostProof>)|null  $prove  the winters of a design; null: of the site's own use
     */
    public static function run(
        Site $site,
        Space $space,
        Limits $limits,
        PriceList $prices,
        UnitSystem $units,
        array $setAside = [],
        ?Closure $progress = null,
        ?Closure $prove = null,
    ): Outcome {
        $prove ??= static fn (Design $d, callable $tick): array => iterator_to_array(
            Assessor::proofs($site, $d, [$site->frost->use], $tick),
            false,
        );

        return (new self($site, $space, $limits, $prices, $units, $setAside, $progress ?? static fn (): bool => true, $prove))->search();
    }

    private function search(): Outcome
    {
        $corrections = $this->corrections();
        if ($corrections === null) {
            return $this->outcome([], false);
        }
        foreach ($this->space->designs() as $sizes => $design) {
            $this->judged++;
            $why = $design === null ? 'what can be built' : $this->turnedAway($design);
            if ($why !== null || $design === null) {
                $this->broken[$why ?? ''] = ($this->broken[$why ?? ''] ?? 0) + 1;
            } else {
                $this->hold++;
                $extra = 0.0;
                foreach ($sizes as $path => $size) {
                    $extra += $corrections[$path][self::key($size)] ?? 0.0;
                }
                $this->holding[] = new Choice($sizes, $this->price($design), $this->formula($design) + $extra);
            }
            if ($this->judged % 50 === 0 && ! ($this->progress)($this->outcome([], false))) {
                return $this->outcome(self::front($this->holding), false);
            }
        }
        arsort($this->broken);

        return $this->confirm();
    }

    /**
     * What the formula misses at each size alone, W; null where the search was stopped.
     *
     * @return array<string, array<int, float>>|null by path and size
     */
    private function corrections(): ?array
    {
        $corrections = [];
        $base = $this->difference($this->space->design);
        foreach ($this->space->open as $path => $sizes) {
            foreach ($sizes as $size) {
                $design = $this->space->design([$path => $size]);
                $corrections[$path][self::key($size)] = $design === null ? 0.0 : $this->difference($design) - $base;
                if (! ($this->progress)($this->outcome([], false))) {
                    return null;
                }
            }
        }
        // What the design itself shows is common to all.
        $first = (string) array_key_first($corrections);
        $corrections[$first] = array_map(static fn (float $c): float => $c + $base, $corrections[$first]);

        return $corrections;
    }

    /** Sizes as keys: tenths of a millimetre. */
    private static function key(float $size): int
    {
        return (int) round(1e4 * $size);
    }

    /** Field less formula, W. */
    private function difference(Design $design): float
    {
        return $this->field($design) - $this->formula($design);
    }

    private function field(Design $design): float
    {
        $this->fields++;

        return SteadyLoss::solved($this->site, $design)->mean;
    }

    private function formula(Design $design): float
    {
        return Iso13370::of($design)->formula($this->site->soil->conductivity())->steadyCoefficient() * (
            InsideWave::ofFloor($this->site, $design)->mean
            - $this->site->climate->wave()->mean
        );
    }

    /** The first rule or limit that it breaks; null where it holds. */
    private function turnedAway(Design $design): ?string
    {
        if (! $this->limits->holdHeight($design)) {
            return 'the limit of height';
        }
        if ($this->limits->cost !== null && $this->price($design) > $this->limits->cost + 1e-9) {
            return 'the limit of cost';
        }
        $subject = new Subject($this->site, $design, $this->units);
        foreach ($this->rules as $id) {
            $severity = Rulebook::finding(Rulebook::all()[$id], $subject)?->severity;
            if ($severity === Severity::Stop || $severity === Severity::Fix) {
                return $id;
            }
        }

        // Whatever is open, what the table for shallow foundations refuses holds nothing.
        return ! in_array(self::TABLE, $this->aside, true) && $subject->frost()->tableFails() ? self::TABLE : null;
    }

    private function price(Design $design): float
    {
        return $this->prices->isEmpty() ? Takeoff::insulation($design) : $this->prices->cost($design);
    }

    private function confirm(): Outcome
    {
        $near = self::front($this->holding, self::NEAR);
        // Spread over the front where there are too many.
        $every = max(1.0, count($near) / self::CONFIRMED);
        $first = [];
        for ($i = 0.0; $i < count($near); $i += $every) {
            $first[] = (int) $i;
        }
        $confirmed = [];
        foreach ($first as $i) {
            if (! $this->confirmed($near, $i, $confirmed)) {
                return $this->outcome(self::front(array_values($confirmed)), false);
            }
        }
        // Whatever the guess still puts ahead of one that is listed, best guess first.
        for ($more = 0; $more < self::MORE; $more++) {
            $ahead = $this->ahead($near, $confirmed);
            if ($ahead === []) {
                break;
            }
            if (! $this->confirmed($near, $ahead[0], $confirmed)) {
                return $this->outcome(self::front(array_values($confirmed)), false);
            }
        }
        $this->untried = count($this->ahead($near, $confirmed));

        return $this->proved(self::front(array_values($confirmed)));
    }

    /**
     * Puts one to the field.
     *
     * @param  list<Choice>  $near
     * @param  array<int, Choice>  $confirmed  by place among them
     * @return bool false where the search was stopped
     */
    private function confirmed(array $near, int $i, array &$confirmed): bool
    {
        $design = $this->space->design($near[$i]->sizes);
        if ($design !== null) {
            $confirmed[$i] = $near[$i]->confirmed($this->field($design));
            $this->tried++;
        }

        return ($this->progress)($this->outcome(self::front(array_values($confirmed)), false));
    }

    /**
     * Those not put to the field that by their guess, put right by what the nearest that was shows, would beat one that is listed.
     *
     * @param  list<Choice>  $near
     * @param  array<int, Choice>  $confirmed  by place among them
     * @return list<int> places, the farthest ahead first
     */
    private function ahead(array $near, array $confirmed): array
    {
        $listed = self::front(array_values($confirmed));
        $ahead = [];
        foreach (array_diff_key($near, $confirmed) as $i => $choice) {
            $off = [];
            foreach ($confirmed as $k => $known) {
                $off[abs($k - $i)] ??= ($known->watts ?? $known->guess) - $near[$k]->guess;
            }
            ksort($off);
            $guess = $choice->guess + (array_values($off)[0] ?? 0.0);
            foreach ($listed as $known) {
                $heat = $known->watts ?? $known->guess;
                if ($choice->price <= $known->price + 1e-6 && $guess < $heat - 1e-9) {
                    $ahead[$i] = max($ahead[$i] ?? 0.0, $heat - $guess);
                }
            }
        }
        arsort($ahead);

        return array_keys($ahead);
    }

    /**
     * Winter and field from the cheapest on, until one holds.
     *
     * @param  list<Choice>  $front  cheapest first
     */
    private function proved(array $front): Outcome
    {
        try {
            foreach (array_slice($front, 0, self::WINTERS) as $i => $choice) {
                $front[$i] = $this->winter($choice, function () use (&$front): void {
                    if (! ($this->progress)($this->outcome(array_values($front), false))) {
                        throw new Stopped;
                    }
                });
                if ($front[$i]->holds()) {
                    break;
                }
            }
        } catch (Stopped) {
            return $this->outcome(array_values($front), false);
        }

        return $this->outcome(array_values($front), true);
    }

    /** @param  callable(): void  $tick  may throw to stop */
    private function winter(Choice $choice, callable $tick): Choice
    {
        $design = $this->space->design($choice->sizes);
        assert($design !== null, 'it was judged before');
        $tick();
        $proofs = ($this->prove)($design, $tick);
        $frost = Assessor::frost($this->site, $design)->proved($proofs);
        $margin = $frost->closest()?->margin;
        $margin = $margin === null || ! is_finite($margin) ? null : $margin;
        $breaks = [];
        $choice = $choice->proved($frost->word()->value, $margin, $breaks);
        if (! $choice->holds()) {
            return $choice;
        }
        $assessment = Assessor::assess($this->site, $design, $this->units, [], $proofs);
        $this->fields++;
        foreach ($assessment->judgement->findings as $judged) {
            $rule = $judged->finding->rule;
            if (
                $rule->hangsOnField()
                && in_array($judged->finding->severity, [Severity::Stop, Severity::Fix], true)
                && ! in_array($rule->id(), $this->aside, true)
            ) {
                $breaks[] = $rule->id();
            }
        }

        return $choice->proved($choice->frost, $margin, $breaks);
    }

    /**
     * Those that no other beats in both price and heat, cheapest first; with a margin also those that are beaten by less.
     *
     * @param  list<Choice>  $choices
     * @return list<Choice>
     */
    private static function front(array $choices, float $margin = 0.0): array
    {
        $heat = static fn (Choice $c): float => $c->watts ?? $c->guess;
        usort($choices, static fn (Choice $a, Choice $b): int => [round($a->price, 6), $heat($a)] <=> [round($b->price, 6), $heat($b)]);
        $front = [];
        $least = INF;
        foreach ($choices as $choice) {
            if ($heat($choice) < $least * (1 + ($least < INF ? $margin : 0.0)) - 1e-9) {
                $front[] = $choice;
                $least = min($least, $heat($choice));
            }
        }

        return $front;
    }

    /** @param  list<Choice>  $front */
    private function outcome(array $front, bool $finished): Outcome
    {
        return new Outcome(
            $this->space->count(), $this->judged, $this->hold, $this->broken, $front, $this->fields, $finished,
            ! $this->prices->isEmpty(), $this->prices->isEmpty() ? [] : $this->prices->missing($this->space->design),
            (hrtime(true) - $this->start) / 1e9, $this->tried, $this->untried,
        );
    }
}
