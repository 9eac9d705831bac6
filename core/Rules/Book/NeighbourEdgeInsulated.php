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

final class NeighbourEdgeInsulated extends Rule
{
    /** m. */
    private const LEAST = 0.04;

    public function asks(): string
    {
        return 'The slab of garage or porch has board at its outer edge.';
    }

    public function why(): string
    {
        return 'It keeps frost from under the slab beside the heated one.';
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
        return [Part::Neighbour];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->neighbour->present() || $d->neighbour->edgeBoard >= self::LEAST ? null : $this->note(
            'The outer edge of the unheated slab has %1$s of board; %2$s is usual.', Measure::size($d->neighbour->edgeBoard),
            Measure::size($s->stock->size(2, 50)),
            Remedy::of(
                Said::of('Put %s of board at its outer edge.', Measure::size($s->stock->size(2, 50))),
                static fn (Design $d): Design => $d->with(['neighbour' => $d->neighbour->but(edgeBoard: $s->stock->size(2, 50))]),
            ),
        );
    }
}
