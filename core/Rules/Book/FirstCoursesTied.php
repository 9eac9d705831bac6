<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class FirstCoursesTied extends Rule
{
    public function asks(): string
    {
        return 'A form’s first two courses are glued to the footing and tied to each other.';
    }

    public function why(): string
    {
        return 'They carry all that is poured over them; loose, they float or walk.';
    }

    public function source(): string
    {
        return 'common practice, no source';
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

        return ! $d->isNew(Part::Form) || $d->form->tied !== Done::No ? null : $this->fix(
            'The form’s first two courses stand loose.', remedy: Remedy::of(
                'Glue and tie them.', static fn (Design $d): Design => $d->with(['form' => $d->form->but(tied: Done::Yes)]),
            ),
        );
    }
}
