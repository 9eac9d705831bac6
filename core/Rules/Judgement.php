<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Project\SetAside;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

/** What the rulebook says of one design, with what its remedies would do and what has been set aside. */
final readonly class Judgement
{
    /**
     * @param  list<Judged>  $findings  gravest first, on a foundation that stands those first that are mended from inside, those set
     *   aside last
     * @param  list<SetAside>  $idle  set aside although nothing is found
     * @param  int  $rules  that were asked
     * @param  Rulings  $rulings  what each verdict says with that
     * @param  list<Requirement>  $requirements  that the site's set asks
     */
    private function __construct(
        public array $findings,
        public array $idle,
        public int $rules,
        public Rulings $rulings,
        public array $requirements,
    ) {}

    /** @param  list<SetAside>  $setAside */
    public static function of(Subject $subject, array $setAside = []): self
    {
        $by = array_column($setAside, null, 'rule');
        $found = Rulebook::findings($subject);
        $judged = array_map(static fn (Finding $f): Judged => self::judged($subject, $f, $found, $by[$f->rule->id()] ?? null), $found);
        $onOld = $subject->design->standing->isFoundation();
        usort(
            $judged,
            static fn (Judged $a, Judged $b): int => [
                ! $a->isOpen(), $a->finding->severity->rank(), $onOld ? $a->access?->rank() ?? INF : 0,
            ] <=> [! $b->isOpen(), $b->finding->severity->rank(), $onOld ? $b->access?->rank() ?? INF : 0],
        );
        $ids = self::ids($found);

        return new self(
            $judged,
            array_values(array_filter($setAside, static fn (SetAside $s): bool => ! in_array($s->rule, $ids, true))),
            count(Rulebook::all()),
            Rulings::of($subject, $found, $setAside),
            Requirement::all($subject),
        );
    }

    /** @return list<Rule> that were asked and found nothing */
    public function passed(): array
    {
        return array_values(array_diff_key(
            Rulebook::all(),
            array_flip(array_map(static fn (Judged $j): string => $j->finding->rule->id(), $this->findings)),
        ));
    }

    /** Findings of that weight that are not set aside. */
    public function count(Severity $severity): int
    {
        return count(array_filter($this->findings, static fn (Judged $j): bool => $j->isOpen() && $j->finding->severity === $severity));
    }

    public function setAside(): int
    {
        return count(array_filter($this->findings, static fn (Judged $j): bool => ! $j->isOpen()));
    }

    /** The whole in a word: what is not known is never said to hold, a note lowers nothing, and setting aside mends nothing. */
    public function word(): Verdict
    {
        $weights = array_map(static fn (Judged $j): Severity => $j->finding->severity, $this->findings);

        return match (true) {
            in_array(Severity::Stop, $weights, true), in_array(Severity::Fix, $weights, true) => Verdict::Fails,
            in_array(Severity::NotChecked, $weights, true) => Verdict::NotChecked,
            default => Verdict::Holds,
        };
    }

    /** Who has set aside what that hangs on; null where something grave is open, or nothing is set aside. */
    public function asideBy(): ?string
    {
        $grave = array_values(
            array_filter(
                $this->findings,
                static fn (Judged $j): bool => in_array($j->finding->severity, [Severity::Stop, Severity::Fix], true),
            ),
        );

        return $grave === [] || array_filter($grave, static fn (Judged $j): bool => $j->isOpen()) !== [] ? null : $grave[0]->setAside?->by;
    }

    public function find(string $rule): ?Judged
    {
        foreach ($this->findings as $judged) {
            if ($judged->finding->rule->id() === $rule) {
                return $judged;
            }
        }

        return null;
    }

    /** @param  list<Finding>  $found  all of the design's */
    private static function judged(Subject $subject, Finding $finding, array $found, ?SetAside $setAside): Judged
    {
        if ($finding->remedy === null) {
            return new Judged($finding, $setAside, [], [], null);
        }
        try {
            $then = $finding->remedy->applied($subject->design);
        } catch (FaultyInput $e) {
            return new Judged(
                $finding, $setAside, [], [],
                implode('; ', array_map(static fn (Fault $f): string => $f->reason !== '' ? $f->reason : $f->allowed, $e->faults)),
            );
        }
        // What would mend that in turn is nobody's question.
        $changed = new Subject($subject->site, $then, $subject->units, proposes: false);
        $after = Rulebook::findings($changed);
        $before = self::ids($found);
        $ranks = array_combine($before, array_map(static fn (Finding $f): int => $f->severity->rank(), $found));
        // What is there already but graver is brought as well.
        $brings = array_values(
            array_filter(
                $after,
                static fn (Finding $f): bool => $f->severity !== Severity::NotChecked
                    && $f->severity->rank() < ($ranks[$f->rule->id()] ?? INF),
            ),
        );
        $takes = array_values(
            array_diff(
                $before,
                self::ids($after),
                [$finding->rule->id()],
                self::ids(array_filter($found, static fn (Finding $f): bool => $f->rule->hangsOnField())),
            ),
        );

        return new Judged(
            $finding, $setAside, $brings, $takes, null, Worse::of($subject, $changed), Access::of($subject->design, $then),
        );
    }

    /**
     * @param  array<array-key, Finding>  $findings
     * @return list<string>
     */
    private static function ids(array $findings): array
    {
        return array_values(array_map(static fn (Finding $f): string => $f->rule->id(), $findings));
    }
}
