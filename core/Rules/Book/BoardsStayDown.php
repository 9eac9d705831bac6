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

final class BoardsStayDown extends Rule
{
    public function asks(): string
    {
        return 'Boards and sheet do not float before the pour.';
    }

    public function why(): string
    {
        return 'Foam rises in an inch of water and takes the sheet with it.';
    }

    public function source(): string
    {
        return 'Archimedes; common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Field, Part::Sheet];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $water = $s->damp()->water;

        return ($water->floorHead ?? 0.0) <= 0.0 || $water->boards <= 0.0 || ! $s->design->fieldBoard->present() ? null : $this->note(
            'The highest water stands %1$s over the underside of the boards: keep it pumped down from laying the boards until the '
                .'slab weighs enough.',
            Measure::depth($water->floorHead ?? 0.0),
        );
    }
}
