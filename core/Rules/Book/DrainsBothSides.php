<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class DrainsBothSides extends Rule
{
    public function asks(): string
    {
        return 'A floor below the ground has a drain outside and one inside.';
    }

    public function why(): string
    {
        return 'Water that gets in needs a way out from under the slab.';
    }

    public function source(): string
    {
        return 'common practice, no source; IRC R405.1 asks for the outer one (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Drains];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $missing = array_keys(array_filter(['outside' => $d->drains->outer <= 0.0, 'inside' => $d->drains->inner <= 0.0]));
        $pipe = $s->stock->size(4, 100);

        // Round an old wall nobody digs for them.
        return ! $s->liesDeep() || $missing === [] || $d->standing->has(Part::Stem) ? null : $this->fix(
            'No drain '.implode(' or ', $missing).'.', remedy: Remedy::of(
                Said::of('Lay drains of %s on both sides of the footing.', Measure::size($pipe)),
                // The stone first: a drain lies in it.
                static fn (Design $d): Design => (new Companions($s->stock))->ofStone($d, max($d->stone->thickness, $pipe))->with(
                    ['drains' => $d->drains->but(outer: max($d->drains->outer, $pipe), inner: max($d->drains->inner, $pipe))],
                ),
            ));
    }
}
