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

final class CourseJoined extends Rule
{
    public function asks(): string
    {
        return 'The damp-proof course is joined to the floor’s sheet.';
    }

    public function why(): string
    {
        return 'What climbs between them comes out at the skirting.';
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
        return [Part::Dpc, Part::Sheet];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! ($d->dpc->present() && $d->sheet->present() && $s->hasMasonry())) {
            return null;
        }

        return match ($d->dpc->joined) {
            Done::NotSaid => $this->notChecked('Whether the damp-proof course is joined to the sheet is not said.', unsaid: 'dpc.joined'),
            Done::No => $this->fix('The damp-proof course is not joined to the sheet.', remedy: Remedy::of(
                'Lap the sheet on to the course.', static fn (Design $d): Design => $d->with(['dpc' => $d->dpc->but(joined: Done::Yes)]),
            )),
            Done::Yes => null,
        };
    }
}
