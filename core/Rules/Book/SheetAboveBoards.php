<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class SheetAboveBoards extends Rule
{
    public function asks(): string
    {
        return 'Under a flat slab inside walls the sheet lies above the boards.';
    }

    public function why(): string
    {
        return 'Concrete cannot get under the boards and float them, and no water stands on the sheet among the boards.';
    }

    public function source(): string
    {
        return 'common practice, no source; two schools';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Sheet, Part::Field];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $flat = $d->stem->present() && $d->slab->present();

        return ! $flat || ! $d->sheet->present() || ! $d->fieldBoard->present() || $d->sheet->position === SheetPosition::AboveBoards
            ? null
            : $this->note('The sheet lies below the boards of a flat slab: rain can stand on it, and concrete can run under the '
                .'boards.', remedy: Remedy::of(
                    'Lay the sheet above the boards.', static fn (Design $d): Design => $d->with(
                        ['sheet' => $d->sheet->but(position: SheetPosition::AboveBoards)],
                    ),
                ));
    }
}
