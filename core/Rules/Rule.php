<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Design\Part;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/**
 * One judgement of the trade. To add one, put a class in `Book/`: the rulebook finds it there. A rule looks at a design and
 * says nothing, or one finding; it says *not checked* where it lacks what it would have to know.
 */
abstract class Rule
{
    /** What it asks of a design, a sentence. */
    abstract public function asks(): string;

    /** Why, a sentence that a builder accepts. */
    abstract public function why(): string;

    /** A publication with its clause, or "common practice, no source". */
    abstract public function source(): string;

    /** Its source as pages show it: that clauses are from memory is said once, at the head. */
    final public function cited(): string
    {
        return (string) preg_replace('~\s*\((?:sets that ship are )?from memory\)|, from memory~', '', $this->source());
    }

    /** The verdict that it belongs to: no better than its worst finding. */
    abstract public function concern(): Concern;

    /** @return non-empty-list<Part> what it looks at */
    abstract public function parts(): array;

    /** @return non-empty-list<Severity> what it may find, gravest first */
    abstract public function weights(): array;

    abstract public function judge(Subject $s): ?Finding;

    /** Whether what it says hangs on the field, which is not solved for every design that is weighed. */
    public function hangsOnField(): bool
    {
        return false;
    }

    /** Whether what it says hangs on the months: under a climate that is not known it says nothing. */
    public function hangsOnClimate(): bool
    {
        return false;
    }

    /** Its name in files: the class, in lower case with hyphens. */
    final public function id(): string
    {
        $name = substr((string) strrchr(static::class, '\\'), 1);

        return strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', $name));
    }

    /** @param  string  $said  as for sprintf: `%1$s` is what was measured, `%2$s` the limit */
    final protected function stop(
        string $said,
        ?Measure $measured = null,
        ?Measure $limit = null,
        ?Remedy $remedy = null,
        ?Answer $answer = null,
    ): Finding {
        return $this->finding(Severity::Stop, $said, $measured, $limit, $remedy, answer: $answer);
    }

    /** @param  string  $said  as for sprintf: `%1$s` is what was measured, `%2$s` the limit */
    final protected function fix(
        string $said,
        ?Measure $measured = null,
        ?Measure $limit = null,
        ?Remedy $remedy = null,
        ?Answer $answer = null,
    ): Finding {
        return $this->finding(Severity::Fix, $said, $measured, $limit, $remedy, answer: $answer);
    }

    /** @param  string  $said  as for sprintf: `%1$s` is what was measured, `%2$s` the limit */
    final protected function note(
        string $said,
        ?Measure $measured = null,
        ?Measure $limit = null,
        ?Remedy $remedy = null,
        ?Answer $answer = null,
    ): Finding {
        return $this->finding(Severity::Note, $said, $measured, $limit, $remedy, answer: $answer);
    }

    /**
     * @param  string  $said  what is missing, as for sprintf
     * @param  string|null  $unsaid  the one size or choice that would let it be judged, as files call it: `sheet.joints`, `site.radon`
     */
    final protected function notChecked(string $said, ?Measure $measured = null, ?string $unsaid = null): Finding
    {
        return $this->finding(Severity::NotChecked, $said, $measured, null, null, $unsaid);
    }

    private function finding(
        Severity $severity,
        string $said,
        ?Measure $measured,
        ?Measure $limit,
        ?Remedy $remedy,
        ?string $unsaid = null,
        ?Answer $answer = null,
    ): Finding {
        return new Finding(
            $this, $severity, Said::of($said, ...array_values(array_filter([$measured, $limit]))), $measured, $limit, $remedy, $unsaid,
            $answer,
        );
    }
}
