<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Material\Kind;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class SheetNotHoled extends Rule
{
    /** 15 mil or a metric sheet sold as such, m. */
    private const LEAST = 0.00037;

    public function asks(): string
    {
        return 'A sheet on crushed stone is 15 mil (0.38 mm), or lies on blinding.';
    }

    public function why(): string
    {
        return 'Thin sheet straight on crushed stone is holed before the pour.';
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
        return [Part::Sheet, Part::Blinding, Part::Stone];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $onStone = $d->stone->present()
            && $d->stone->material->kind !== Kind::FoamGlass
            && $d->stone->material->slug !== 'sand'
            && ! $d->blinding->present();
        $straight = $d->sheet->position === SheetPosition::BelowBoards || ! $d->fieldBoard->present();

        return ! $d->sheet->present() || ! $onStone || ! $straight || $d->sheet->thickness >= self::LEAST ? null : $this->fix(
            'A sheet of %1$s lies straight on crushed stone; %2$s stands that.', Measure::of(
                $d->sheet->thickness,
                Quantity::SheetThickness,
            ), Measure::of(
                $s->stock->size(0.015, 0.38),
                Quantity::SheetThickness,
            ),
            Remedy::of(
                Said::of('Lay a sheet of %s.', Measure::of($s->stock->size(0.015, 0.38), Quantity::SheetThickness)),
                static fn (Design $d): Design => $d->with(['sheet' => $d->sheet->but(thickness: $s->stock->size(0.015, 0.38))]),
            ),
        );
    }
}
