<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class CoursesFitWall extends Rule
{
    /** What a bed of foam or a shim takes up, m. */
    private const SLACK = 0.02;

    public function asks(): string
    {
        return 'A foam form’s wall is a whole number of courses high.';
    }

    public function why(): string
    {
        return 'A half course is cut along its whole length, loses its teeth and bulges in the pour.';
    }

    public function source(): string
    {
        return '16 in high, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Form, Part::Stem];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $high = $s->at->top - $s->at->formFoot;
        $courses = $high / $d->form->course;
        if (! $d->isNew(Part::Form) || ! $d->stem->present() || abs($courses - round($courses)) * $d->form->course < self::SLACK) {
            return null;
        }
        $to = ceil($courses) * $d->form->course - $high;

        return $this->note(
            sprintf('The form is %%1$s high: %.1f courses of %%2$s, so that one is cut along the wall.', $courses), Measure::size($high),
            Measure::size($d->form->course), Remedy::of(
                Said::of('Take the wall %s higher.', Measure::size($to)),
                static fn (Design $d): Design => $d->with([
                    'stem' => $d->stem->but(topAboveGrade: $d->stem->topAboveGrade + $to),
                    ...($d->deck->present() ? ['deck' => $d->deck->but(topAboveGrade: $d->deck->topAboveGrade + $to)] : []),
                ]),
            ),
        );
    }
}
