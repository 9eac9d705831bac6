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

final class FloorMeetsOld extends Rule
{
    /** m. */
    private const MOST = 0.003;

    public function asks(): string
    {
        return 'A new floor finishes level with the old one it meets, within 1/8 in (3 mm).';
    }

    public function why(): string
    {
        return 'A step of a few millimetres is what people fall over, and what a door scrapes on.';
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
        return [Part::Slab, Part::Screed];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $old = $s->site->house->oldFloor;
        $off = $old === null ? 0.0 : $d->finishedFloor() - $old;
        $size = Measure::size(abs($off));

        if (abs($off) <= self::MOST) {
            return null;
        }
        $rest = $d->screed->thickness - $off;
        $remedy = match (true) {
            ! $d->standing->has(Part::Slab) => Remedy::of(
                Said::of('Set slab, boards and dig %s '.($off > 0.0 ? 'lower.' : 'higher.'), $size),
                static fn (Design $d): Design => $d->with(['slab' => $d->slab->but(topAboveGrade: $d->slab->topAboveGrade - $off)]),
            ),
            // What lies on an old slab gets no thinner than nothing.
            $rest >= 0.0 => Remedy::of(
                Said::of('Make what lies on the old slab %s '.($off > 0.0 ? 'thinner.' : 'thicker.'), $size),
                static fn (Design $d): Design => $d->with(['screed' => $d->screed->thick($d->screed->thickness - $off)]),
            ),
            default => null,
        };

        return $this->note(
            'The floor finishes %1$s '.($off > 0.0 ? 'above' : 'below').' the old one that it meets.', $size, remedy: $remedy,
        );
    }
}
