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

final class JambsProtected extends Rule
{
    public function asks(): string
    {
        return 'At openings the damp-proof course goes up the jambs.';
    }

    public function why(): string
    {
        return 'Where the cavity is closed the outer leaf hands its water to the inner one.';
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
        return [Part::Dpc, Part::Closer];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! ($d->dpc->present() && $s->hasCavity())) {
            return null;
        }

        return match ($d->dpc->jambs) {
            Done::NotSaid => $this->notChecked('Whether the damp-proof course goes up the jambs is not said.', unsaid: 'dpc.jambs'),
            Done::No => $this->fix('The jambs have no damp-proof course.', remedy: Remedy::of(
                'Take it up the jambs, behind the closer.',
                static fn (Design $d): Design => $d->with(['dpc' => $d->dpc->but(jambs: Done::Yes)]),
            )),
            Done::Yes => null,
        };
    }
}
