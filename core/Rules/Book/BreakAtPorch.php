<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Measure;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Said;
use Ondergrond\Rules\Subject;

final class BreakAtPorch extends Rule
{
    /** m. */
    private const LEAST = 0.05;

    public function asks(): string
    {
        return 'A full-thickness break parts the heated slab from the porch’s.';
    }

    public function why(): string
    {
        return 'Two slabs cast together are one: the unheated one cools the heated one all winter.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function parts(): array
    {
        return [Part::Neighbour];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $break = $d->neighbour->layer;

        return $d->footprint->porch <= 0.0 || $break->thickness >= self::LEAST ? null : $this->fix(
            $break->present() ? 'The break at the porch is %1$s; %2$s is usual, over the full thickness.' : 'No break parts the slab from the porch’s.', Measure::size($break->thickness), Measure::size($s->stock->size(4, 100)),
            Remedy::of(Said::of('Put a break of %s between the slabs.', Measure::size($s->stock->size(4, 100))), static fn (Design $d): Design => $d->with(['neighbour' => $d->neighbour->but(layer: $s->stock->layer('xps-25psi', 4, 100))])),
        );
    }
}
