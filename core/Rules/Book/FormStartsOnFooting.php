<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\FormStart;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class FormStartsOnFooting extends Rule
{
    public function asks(): string
    {
        return 'A foam form starts on the footing, not on a plain wall.';
    }

    public function why(): string
    {
        return 'Below a form that starts at grade the wall is bare; down to the footing it leaves no bare concrete.';
    }

    public function source(): string
    {
        return 'common practice, no source; two schools';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->form->present() || ! $d->hasRoomBelowGrade() || $d->form->starts === FormStart::Footing
            ? null
            : $this->note('The form starts on a plain wall; below its foot the concrete is bare.', remedy: Remedy::of(
                'Start the form on the footing.',
                static fn (Design $d): Design => $d->with(['form' => $d->form->but(starts: FormStart::Footing)]),
            ));
    }
}
