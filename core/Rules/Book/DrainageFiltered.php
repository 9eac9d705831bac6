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

final class DrainageFiltered extends Rule
{
    public function asks(): string
    {
        return 'The drainage layer has filter fabric towards the ground.';
    }

    public function why(): string
    {
        return 'Fines wash into it and fill it within years.';
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
        return [Part::Drainage];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! ($d->drainage->present())) {
            return null;
        }

        return match ($d->drainage->filter) {
            Done::NotSaid => $this->notChecked('Whether the drainage layer has a filter is not said.', unsaid: 'drainage.filter'),
            Done::No => $this->fix('The drainage layer has no filter.', remedy: Remedy::of(
                'Take it with fabric on its outer face.',
                static fn (Design $d): Design => $d->with(['drainage' => $d->drainage->but(filter: Done::Yes)]),
            )),
            Done::Yes => null,
        };
    }
}
