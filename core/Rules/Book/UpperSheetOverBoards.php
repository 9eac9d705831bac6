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
use Ondergrond\Verdict\Severity;

final class UpperSheetOverBoards extends Rule
{
    public function asks(): string
    {
        return 'A second sheet lies between board and wet screed.';
    }

    public function why(): string
    {
        return 'Screed water runs into the joints, bridges them and wets the board.';
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
        return [Part::UpperSheet, Part::BoardAbove, Part::Screed];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->boardAbove->present() || ! $d->screed->present() || $d->hasPanels() || $d->upperSheet->present()
            ? null
            : $this->fix('Nothing keeps the wet screed out of the boards.', remedy: Remedy::of(
                'Lay a sheet on the boards.', static fn (Design $d): Design => $d->with(
                    ['upperSheet' => $d->upperSheet->but(thickness: $s->stock->size(0.006, 0.15))],
                ),
            ));
    }
}
