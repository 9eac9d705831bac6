<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class EdgeFaceInsulated extends Rule
{
    public function asks(): string
    {
        return 'The edge of a heated slab has insulation on its outer face, its inner face or as a form.';
    }

    public function why(): string
    {
        return 'Bare concrete at the edge carries heat straight from the room to the frost.';
    }

    public function source(): string
    {
        return 'IECC 2021, R402.2.9 (2018: R402.2.10), asks for it from climate zone 3 on (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::EdgeOutside, Part::EdgeInside, Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $bare = $s->isHeated()
            && ! $d->hasRoomBelowGrade()
            && ! $d->edgeOutside->present()
            && ! $d->edgeInside->present()
            && ! $d->form->present()
            && ! $d->boardAbove->present();

        return ! $bare ? null : $this->fix('Nothing insulates the edge of the floor.', remedy: Remedy::of(
            Said::of('Put %s of board on the outer face, down to the foot.', Measure::size($s->stock->size(2, 50))),
            static fn (Design $d): Design => (new Companions($s->stock))->ofFoam($d->with(
                [
                    'edgeOutside' => new OutsideBoard(
                        $s->stock->layer('xps-25psi', 2, 50),
                        $d->stem->present() ? min(0.6, $d->footing->depthBelowGrade - $d->footing->height) : max(0.05,
                            -$s->at->foot + $d->edgeUnder->thickness),
                    ),
                ],
            )),
        ));
    }
}
