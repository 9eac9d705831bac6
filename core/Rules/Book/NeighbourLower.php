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

final class NeighbourLower extends Rule
{
    /** m. */
    private const LEAST = 0.0189;

    public function asks(): string
    {
        return 'The unheated slab lies lower than the heated floor.';
    }

    public function why(): string
    {
        return 'Water, fuel and fumes run to the lower side.';
    }

    public function source(): string
    {
        return 'common practice, no source; for garages codes ask for it';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Neighbour];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $step = $d->finishedFloor() - $d->neighbour->topAboveGrade;

        return ! $d->neighbour->present() || $step >= self::LEAST ? null : $this->note(
            'The unheated slab lies %1$s below the floor; at least %2$s keeps water out.', Measure::size(max(0.0, $step)),
            Measure::size($s->stock->size(0.75, 20)),
            // It is not lowered into the ground.
            $d->finishedFloor() < $s->stock->size(0.75, 20) ? null : Remedy::of(
                Said::of('Lower it to %s below the floor.', Measure::size($s->stock->size(0.75, 20))),
                static fn (Design $d): Design => $d->with(
                    ['neighbour' => $d->neighbour->but(topAboveGrade: max(0.0, $d->finishedFloor() - $s->stock->size(0.75, 20)))],
                ),
            ),
        );
    }
}
