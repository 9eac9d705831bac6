<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Requirement;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class MeetsUnderSlab extends Rule
{
    public function asks(): string
    {
        return 'The board under the slab meets the requirement set.';
    }

    public function why(): string
    {
        return 'The set in force is the least that may be built.';
    }

    public function source(): string
    {
        return 'the requirement set chosen for the site (sets that ship are from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Field, Part::BoardAbove];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $asked = Requirement::underSlab($s);

        return $asked === null || $asked->isMet() ? null : $this->fix(
            'Under the slab lies R %1$s; the set asks for %2$s.', Measure::resistance($asked->found), Measure::resistance($asked->needed),
            $s->sizes->thickerFloor(static fn (Subject $then): bool => Requirement::underSlab($then)?->isMet() ?? true),
        );
    }
}
