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

final class CourseHighEnough extends Rule
{
    /** 6 in, m. */
    private const LEAST = 0.15;

    public function asks(): string
    {
        return 'The damp-proof course lies 6 in (150 mm) or more above the ground.';
    }

    public function why(): string
    {
        return 'Rain splashes that high, and flower beds creep up.';
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

        return ! $d->dpc->present() || $d->dpc->heightAboveGrade >= self::LEAST - 0.005 ? null : $this->fix(
            'The damp-proof course lies %1$s above the ground; %2$s are wanted.', Measure::size($d->dpc->heightAboveGrade),
            Measure::size($s->stock->size(6, 150)),
            Remedy::of(
                Said::of('Lay it %s above the ground.', Measure::size($s->stock->size(6, 150))),
                static fn (Design $d): Design => $d->with(['dpc' => $d->dpc->but(heightAboveGrade: $s->stock->size(6, 150))]),
            ),
        );
    }
}
