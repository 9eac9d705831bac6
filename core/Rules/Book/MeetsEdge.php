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

final class MeetsEdge extends Rule
{
    public function asks(): string
    {
        return 'The edge insulation meets the requirement set, in R and in reach.';
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
        return [Part::EdgeOutside, Part::EdgeInside, Part::Form, Part::Perimeter];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $asked = Requirement::edge($s);

        return $asked === null || $asked->isMet() ? null : $this->fix(
            'No insulation at the edge has R %2$s over the reach that the set asks for; the best has R %1$s.', Measure::resistance($asked->found), Measure::resistance($asked->needed),
            $s->sizes->thickerEdge($asked->needed, $s->site->requirements->edgeDepth ?? 0.0),
        );
    }
}
