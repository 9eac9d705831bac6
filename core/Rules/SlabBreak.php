<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Of the rules that ask for a break between the heated slab and an unheated one. */
abstract class SlabBreak extends Rule
{
    /** m. */
    private const LEAST = 0.05;

    /** Whose slab it is, in a sentence. */
    abstract protected function neighbour(): string;

    /** Of the edge along it, m. */
    abstract protected function length(Design $design): float;

    final public function asks(): string
    {
        return "A full-thickness break parts the heated slab from the {$this->neighbour()}’s.";
    }

    final public function why(): string
    {
        return 'Two slabs cast together are one: the unheated one cools the heated one all winter.';
    }

    final public function source(): string
    {
        return 'common practice, no source';
    }

    final public function parts(): array
    {
        return [Part::Neighbour];
    }

    final public function weights(): array
    {
        return [Severity::Fix];
    }

    final public function judge(Subject $s): ?Finding
    {
        $break = $s->breakAtNeighbour();
        $usual = $s->stock->size(4, 100);

        return $this->length($s->design) <= 0.0 || $break >= self::LEAST ? null : $this->fix(
            $break > 0.0
                ? "The break at the {$this->neighbour()} is %1\$s; %2\$s is usual, over the full thickness."
                : "No break parts the slab from the {$this->neighbour()}’s.",
            Measure::size($break), Measure::size($usual),
            Remedy::of(
                Said::of('Put a break of %s between the slabs.', Measure::size($usual)),
                static fn (Design $d): Design => $d->with(
                    ['neighbour' => $d->neighbour->but(layer: $s->stock->layer('xps-25psi', 4, 100))],
                ),
            ),
        );
    }
}
