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

final class SheetPresent extends Rule
{
    public function asks(): string
    {
        return 'A sheet lies under every floor on the ground.';
    }

    public function why(): string
    {
        return 'Concrete draws water up for ever, and soil gas with it; floors and stairs rot from below.';
    }

    public function source(): string
    {
        return 'IRC R506.2.3: 10 mil since 2021, 6 mil before (from memory)';
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

        return $d->sheet->present() ? null : $this->fix('No sheet keeps ground damp and soil gas from the floor.', remedy: Remedy::of(
            Said::of(
                'Lay a sheet of %s, lapped, taped and turned up.',
                Measure::of($s->stock->size(0.015, 0.4), Quantity::SheetThickness),
            ), static fn (Design $d): Design => $d->with(['sheet' => $s->stock->sheet($d->sheet->position)]),
        ));
    }
}
