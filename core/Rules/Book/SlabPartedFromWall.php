<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class SlabPartedFromWall extends Rule
{
    public function asks(): string
    {
        return 'A slab inside a stem or basement wall has board between its edge and the wall.';
    }

    public function why(): string
    {
        return 'Foam has to meet foam at the corner: a slab cast against the wall bridges both.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::EdgeInside, Part::Lining, Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $parted = $d->edgeInside->present() || $s->at->tray < $s->at->inner - 1e-6 || $d->boardAbove->present();

        return ! $d->stem->present() || ! $d->slab->present() || $parted || ! $s->isHeated()
            ? null
            : $this->fix('The slab meets the wall without a board between.', remedy: Remedy::of(
                Said::of('Stand %s of board between slab and wall.', Measure::size($s->stock->size(2, 50))),
                static fn (Design $d): Design => $d->with(['edgeInside' => new InsideBoard($s->stock->layer('xps-25psi', 2, 50))]),
            ));
    }
}
