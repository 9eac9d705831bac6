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

final class StepFinishesFlush extends Rule
{
    /** m. */
    private const MOST = 0.003;

    public function asks(): string
    {
        return 'The floor and the deck or step outside a door finish flush, within 1/8 in (3 mm).';
    }

    public function why(): string
    {
        return 'What stands proud at a door is stumbled over, and what lies low lets water in.';
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
        $step = $s->site->house->step;
        $off = $step === null || $d->footprint->doors <= 0.0 ? 0.0 : $d->finishedFloor() - $step;

        return abs($off) <= self::MOST ? null : $this->note(
            'The floor finishes %1$s '.($off > 0.0 ? 'above' : 'below').' the step outside the door.', Measure::size(abs($off)),
            remedy: $d->standing->has(Part::Slab) ? null : Remedy::of(
                Said::of('Set slab, boards and dig %s '.($off > 0.0 ? 'lower.' : 'higher.'), Measure::size(abs($off))),
                static fn (Design $d): Design => $d->with(['slab' => $d->slab->but(topAboveGrade: $d->slab->topAboveGrade - $off)]),
            ),
        );
    }
}
