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

final class MatBehindWallBoard extends Rule
{
    /** m. */
    private const LEAST = 0.0245;

    public function asks(): string
    {
        return 'The mat on an old slab runs 1 in (25 mm) behind the face of the wall boards.';
    }

    public function why(): string
    {
        return 'Water that runs down behind the boards then lands under the mat, not on it.';
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
        return [Part::Mat, Part::Lining];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $reach = $s->stock->size(1, 25);

        return ! $d->mat->present() || ! $s->at->lining || $d->mat->behind >= self::LEAST ? null : $this->fix(
            'The mat runs %1$s behind the face of the wall boards; %2$s is usual.', Measure::size($d->mat->behind), Measure::size($reach),
            Remedy::of(
                Said::of('Lay the mat first, %s behind the line of the wall boards.', Measure::size($reach)),
                static fn (Design $d): Design => $d->with(['mat' => $d->mat->but(behind: $reach)]),
            ),
        );
    }
}
