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
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class SheetBearsStone extends Rule
{
    /** m. */
    private const LEAST = 0.00038;

    public function asks(): string
    {
        return 'A sheet with stone on it is one that stone does not hole.';
    }

    public function why(): string
    {
        return 'Stone dropped on a thin sheet goes through it, and nobody sees it under the stone.';
    }

    public function source(): string
    {
        return '15 mil under stone, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::StoneOver, Part::Sheet];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $least = $s->stock->size(0.015, 0.4);

        if (! $d->isNew(Part::StoneOver) || ! $d->sheet->present() || $d->sheet->thickness >= self::LEAST - 0.00001) {
            return null;
        }
        $measure = static fn (float $of): Measure => Measure::of($of, Quantity::SheetThickness);

        return $this->fix('Stone lies on a sheet of %1$s; %2$s stands it.', $measure($d->sheet->thickness), $measure($least), Remedy::of(
            Said::of('Take a sheet of %s.', $measure($least)),
            static fn (Design $d): Design => $d->with(['sheet' => $d->sheet->but(thickness: $least)]),
        ));
    }
}
