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

final class EdgeBarsCovered extends Rule
{
    public function asks(): string
    {
        return 'Bars cast against the ground have their cover there.';
    }

    public function why(): string
    {
        return 'Earth and water reach thin cover within years, and rust bursts it.';
    }

    public function source(): string
    {
        return 'ACI 318-19, table 20.5.1.3.1, 3 in cast against ground (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::EdgeSteel];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $least = $s->stock->size(3, 75);

        return $d->edgeSteel->bar <= 0.0 || ! ($d->isNew(Part::Footing) || $d->isNew(Part::Beam))
            || $d->edgeSteel->cover >= min($least, 0.075) - 0.002 ? null : $this->fix(
                'The bars of the edge have %1$s of cover to the ground; %2$s are wanted.', Measure::size($d->edgeSteel->cover),
                Measure::size($least), Remedy::of(
                    Said::of('Set them on blocks at %s.', Measure::size($least)),
                    static fn (Design $d): Design => $d->with(['edgeSteel' => $d->edgeSteel->but(cover: $least)]),
                ),
            );
    }
}
