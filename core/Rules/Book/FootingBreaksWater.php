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

final class FootingBreaksWater extends Rule
{
    public function asks(): string
    {
        return 'A sheet or coat on the footing keeps water from climbing into the wall.';
    }

    public function why(): string
    {
        return 'The footing stands in wet ground for ever; a wall on it is a wick.';
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
        return [Part::Footing, Part::Stem];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! ($d->footing->present() && $d->stem->present() && $d->hasRoomBelowGrade())) {
            return null;
        }

        return match ($d->footing->course) {
            Done::NotSaid => $this->notChecked('Whether anything lies between footing and wall is not said.', unsaid: 'footing.course'),
            Done::No => $this->fix('Nothing keeps water from climbing out of the footing.', remedy: Remedy::of(
                'Coat the footing’s top, or lay a sheet on it.',
                static fn (Design $d): Design => $d->with(['footing' => $d->footing->but(course: Done::Yes)]),
            )),
            Done::Yes => null,
        };
    }
}
