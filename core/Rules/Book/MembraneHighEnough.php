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

final class MembraneHighEnough extends Rule
{
    /** m. */
    private const LEAST = 0.05;

    public function asks(): string
    {
        return 'The membrane comes up above the ground.';
    }

    public function why(): string
    {
        return 'Water and snow stand highest at the ground, where a membrane that stops short begins to leak.';
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
        return [Part::Membrane];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $most = min($d->stem->topAboveGrade, self::LEAST);

        return ! $d->membrane->present() || ! $d->hasRoomBelowGrade() || $d->membrane->topAboveGrade >= $most - 0.005 ? null : $this->fix(
            'The membrane ends %1$s over the ground; %2$s are wanted.', Measure::size($d->membrane->topAboveGrade), Measure::size($most),
            Remedy::of(
                Said::of('Take it up to %s.', Measure::size($most)),
                static fn (Design $d): Design => $d->with(['membrane' => $d->membrane->but(topAboveGrade: $most)]),
            ),
        );
    }
}
