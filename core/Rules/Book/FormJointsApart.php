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

final class FormJointsApart extends Rule
{
    public function asks(): string
    {
        return 'Upright joints of a foam form stand apart from those of the course below.';
    }

    public function why(): string
    {
        return 'Joint over joint is a seam that opens in the pour.';
    }

    public function source(): string
    {
        return '8 in at least, 16 in better, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $least = $s->stock->size(8, 200);
        $better = $s->stock->size(16, 400);

        return ! $d->isNew(Part::Form) || $d->form->joints >= min($least, 0.2) - 0.001 ? null : $this->fix(
            'The form’s joints stand %1$s apart from course to course; %2$s at least.', Measure::size($d->form->joints),
            Measure::size($least), Remedy::of(
                Said::of('Stagger them by %s.', Measure::size($better)),
                static fn (Design $d): Design => $d->with(['form' => $d->form->but(joints: $better)]),
            ),
        );
    }
}
