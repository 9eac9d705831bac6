<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class DrainsBelowFloor extends Rule
{
    public function asks(): string
    {
        return 'Outer drains lie below the floor’s underside.';
    }

    public function why(): string
    {
        return 'A drain higher than the slab keeps the wall dry and the floor wet.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Drains, Part::Footing];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $top = $s->at->foot + $s->design->drains->outer;

        return $s->design->drains->outer <= 0.0
            || ! $s->design->hasRoomBelowGrade()
            || ! $s->design->slab->present()
            || $top <= $s->at->under + 1e-6
            ? null
            : $this->fix(
                'The outer drain comes %1$s above the slab’s underside: found the footing deeper.',
                Measure::size($top - $s->at->under),
            );
    }
}
