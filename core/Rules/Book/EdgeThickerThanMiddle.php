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

final class EdgeThickerThanMiddle extends Rule
{
    public function asks(): string
    {
        return 'The strip along the edge has no less board than the middle.';
    }

    public function why(): string
    {
        return 'Most of a slab’s loss leaves outward along its edge: thicken the edge, thin the middle.';
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
        return [Part::Perimeter, Part::Field];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $strip = $d->perimeterBoard->layer;

        return ! $d->perimeterBoard->present() || $strip->resistance() >= $d->fieldBoard->resistance() - 1e-9 ? null : $this->fix(
            'The strip along the edge has R %1$s, the middle %2$s.', Measure::resistance($strip->resistance()),
            Measure::resistance($d->fieldBoard->resistance()),
            Remedy::of(
                'Make the strip of the middle board’s material.',
                static fn (Design $d): Design => $d->with(['perimeterBoard' => $d->perimeterBoard->but(layer: $d->fieldBoard)]),
            ),
        );
    }
}
