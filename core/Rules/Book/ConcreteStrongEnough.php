<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\ConcreteClass;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class ConcreteStrongEnough extends Rule
{
    public function asks(): string
    {
        return 'The concrete is of a class that its place asks.';
    }

    public function why(): string
    {
        return 'Weak concrete dusts, cracks at the edge and spalls where frost reaches it wet.';
    }

    public function source(): string
    {
        return 'International Residential Code 2021, table R402.2, 2 500 psi inside and 3 500 psi where frost reaches it wet (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Mix, Part::Neighbour];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $class = $s->design->mix->class->strength();
        $asked = $s->design->neighbour->present() ? ConcreteClass::C25 : ConcreteClass::C20;

        return $class === null || $class >= (float) $asked->strength() || ! $s->design->isNew(Part::Slab) ? null : $this->fix(
            $s->design->neighbour->present()
                ? 'The concrete is of %1$s; an unheated slab beside it wants %2$s.' : 'The concrete is of %1$s; a slab wants %2$s.',
            Measure::pressure(1000 * $class), Measure::pressure(1000 * (float) $asked->strength()), Remedy::of(
                "Ask for {$asked->label()}.", static fn (Design $d): Design => $d->with(['mix' => $d->mix->but(class: $asked)]),
            ),
        );
    }
}
