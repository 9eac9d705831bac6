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
use Ondergrond\Verdict\Severity;

final class OutsideBoardReachesFooting extends Rule
{
    public function asks(): string
    {
        return 'The outside board of a basement stands on the footing.';
    }

    public function why(): string
    {
        return 'Below its end the wall is bare in the coldest and wettest ground it has.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::EdgeOutside, Part::Footing];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $foot = -$d->footing->top();

        return ! $d->hasRoomBelowGrade()
            || ! $d->edgeOutside->present()
            || $d->lining->present()
            || $d->edgeOutside->depthBelowGrade >= $foot - 0.1
            ? null
            : $this->fix(
                'The outside board ends %1$s below the ground, the footing’s top lies at %2$s.',
                Measure::size($d->edgeOutside->depthBelowGrade), Measure::size($foot),
                Remedy::of(
                    'Take the board down to the footing.',
                    static fn (Design $d): Design => $d->with(['edgeOutside' => $d->edgeOutside->but(depthBelowGrade: $foot)]),
                ),
            );
    }
}
