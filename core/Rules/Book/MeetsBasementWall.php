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

final class MeetsBasementWall extends Rule
{
    public function asks(): string
    {
        return 'The basement wall meets the requirement set.';
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
        return [Part::EdgeOutside, Part::Lining, Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $asked = Requirement::basementWall($s);

        return $asked === null || $asked->isMet() ? null : $this->fix(
            'The wall has R %1$s of insulation; the set asks for %2$s.', Measure::resistance($asked->found),
            Measure::resistance($asked->needed),
            $s->sizes->thickerWall($asked->needed),
        );
    }
}
