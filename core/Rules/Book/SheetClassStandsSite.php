<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetClass;
use Ondergrond\Design\Walked;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class SheetClassStandsSite extends Rule
{
    public function asks(): string
    {
        return 'The sheet is of a class that the site does not puncture.';
    }

    public function why(): string
    {
        return 'A sheet that is holed before the pour is no sheet, and nobody sees it after.';
    }

    public function source(): string
    {
        return 'ASTM E1745 (from memory); which class for which site is common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Sheet];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $asked = match ($d->sheet->walked) {
            Walked::Months => SheetClass::A,
            Walked::Days => SheetClass::B,
            Walked::UnderBoards, Walked::NotSaid => SheetClass::C,
        };
        $now = $d->sheet->class->puncture();

        return $now === null || ! $d->isNew(Part::Sheet) || $now >= (float) $asked->puncture() ? null : $this->fix(
            "The sheet is of class {$d->sheet->class->name} and is walked on {$d->sheet->walked->label()}; class {$asked->name} stands that.",
            remedy: Remedy::of(
                "Take a sheet of class {$asked->name}.",
                static fn (Design $d): Design => $d->with(['sheet' => $d->sheet->but(class: $asked)]),
            ),
        );
    }
}
