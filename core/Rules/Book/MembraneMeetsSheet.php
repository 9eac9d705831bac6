<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class MembraneMeetsSheet extends Rule
{
    public function asks(): string
    {
        return 'Where a room lies below the ground, wall and floor are both sealed.';
    }

    public function why(): string
    {
        return 'Soil gas and water take the joint that was left out.';
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
        return [Part::Membrane, Part::Sheet, Part::EdgeInside];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->hasRoomBelowGrade() || $d->sheet->present() === $d->membrane->present() ? null : $this->note(
            $d->sheet->present()
                ? 'The floor has its sheet, the wall has no membrane to join it to.'
                : 'The wall has its membrane, the floor has no sheet to join it to.',
        );
    }
}
