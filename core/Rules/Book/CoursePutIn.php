<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\DpcKind;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class CoursePutIn extends Rule
{
    public function asks(): string
    {
        return 'A course that is injected or sawn in belongs into an old wall.';
    }

    public function why(): string
    {
        return 'A new wall has its course laid bed by bed; what is put in afterwards is second best and never quite whole.';
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
        return [Part::Dpc];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->dpc->present() || ! $d->dpc->kind->isPutIn() || $d->standing->has(Part::Stem) ? null : $this->fix(
            'The damp-proof course is '.$d->dpc->kind->label().', and the wall is new.', remedy: Remedy::of(
                'Lay a course of polyethylene as the wall goes up.',
                static fn (Design $d): Design => $d->with(['dpc' => $d->dpc->but(kind: DpcKind::Polyethylene)]),
            ),
        );
    }
}
