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

final class MasonryHasCourse extends Rule
{
    public function asks(): string
    {
        return 'A masonry wall has a damp-proof course.';
    }

    public function why(): string
    {
        return 'Masonry draws water up from the ground as high as it finds nothing to stop it.';
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
        return [Part::Dpc, Part::Wall];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $s->hasMasonry() || $d->dpc->present() ? null : $this->fix('The masonry has no damp-proof course.', remedy: Remedy::of(
            Said::of('Lay one %s above the ground.', Measure::size(0.15)), static fn (Design $d): Design => $d->with(
                ['dpc' => $d->dpc->but(thickness: $s->stock->size(0.04, 1.0), heightAboveGrade: 0.15)],
            ),
        ));
    }
}
