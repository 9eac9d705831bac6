<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class DryingBandHigh extends Rule
{
    /** m. */
    private const LEAST = 0.2995;

    public function asks(): string
    {
        return 'A wall insulated inside stands 12 in (300 mm) or more out of the ground, bare.';
    }

    public function why(): string
    {
        return 'That band is all it can dry through.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Lining, Part::Stem];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $inside = $d->lining->present() && $d->hasRoomBelowGrade() && ! $d->edgeOutside->present() && $d->form->outside <= 0.0;

        return ! $inside || $s->at->top >= self::LEAST ? null : $this->note(
            'Only %1$s of the wall stands out of the ground to dry; %2$s are wanted.',
            Measure::size(max(0.0, $s->at->top)),
            Measure::size($s->stock->size(12, 300)),
        );
    }
}
