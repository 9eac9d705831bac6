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

final class CoverGoesBelowGrade extends Rule
{
    /** m. */
    private const LEAST = 0.15;

    public function asks(): string
    {
        return 'The cover goes on about 1 ft (300 mm) below the ground.';
    }

    public function why(): string
    {
        return 'Ground settles: a cover that ends at the ground soon shows bare foam.';
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
        return [Part::Cover];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->cover->present() || $d->cover->depthBelowGrade >= self::LEAST - 0.005 ? null : $this->note(
            'The cover ends %1$s below the ground; backfill should hide its end, about %2$s down.',
            Measure::size($d->cover->depthBelowGrade), Measure::size(0.3),
            Remedy::of(
                Said::of('Take the cover down to %s.', Measure::size(0.3)),
                static fn (Design $d): Design => $d->with(['cover' => $d->cover->but(depthBelowGrade: 0.3)]),
            ),
        );
    }
}
