<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\Walked;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class SheetStandsWalking extends Rule
{
    public function asks(): string
    {
        return 'A sheet is as thick as it is walked on: 6 mil under boards, 10 for days, 15 for steel work or months.';
    }

    public function why(): string
    {
        return 'It is holed long before the concrete comes, by boots, bars and chairs, and nobody sees it under them.';
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
        return [Part::Sheet];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $sheet = $s->design->sheet;
        $least = $sheet->walked->least();
        $thick = $s->stock->size(0.015, 0.4);

        return ! $sheet->present() || $least === null || $sheet->thickness >= $least - 1e-5 ? null : $this->fix(
            'The sheet is %1$s where '.match ($sheet->walked) {
                Walked::UnderBoards => 'boards cover it at once', Walked::Days => 'it is walked on for days',
                default => 'steel work or months of boots go over it',
            }.'; %2$s stand that.',
            Measure::of($sheet->thickness, Quantity::SheetThickness), Measure::of($least, Quantity::SheetThickness), Remedy::of(
                Said::of('Take a sheet of %s.', Measure::of($thick, Quantity::SheetThickness)),
                static fn (Design $d): Design => $d->with(['sheet' => $d->sheet->but(thickness: $thick)]),
            ),
        );
    }
}
