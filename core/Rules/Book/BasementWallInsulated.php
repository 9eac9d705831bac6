<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Part;
use Ondergrond\Heat\Iso13370;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class BasementWallInsulated extends Rule
{
    public function asks(): string
    {
        return 'The wall of a heated basement is insulated inside, outside or as a form.';
    }

    public function why(): string
    {
        return 'Uninsulated floors and walls below ground are commonly a third of a house’s heat.';
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
        return [Part::EdgeOutside, Part::Lining, Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $insulated = $d->edgeOutside->present() || $d->lining->present() || $d->form->present();

        return ! $d->hasRoomBelowGrade() || ! $s->isHeated() || $insulated || Iso13370::of($d)->buriedResistance() > 1.0
            ? null
            : $this->fix('Nothing insulates the wall.', remedy: Remedy::of(
                Said::of('Put %s of board outside, down to the footing.', Measure::size($s->stock->size(3, 75))),
                static fn (Design $d): Design => (new Companions($s->stock))->ofFoam($d->with(
                    ['edgeOutside' => new OutsideBoard($s->stock->layer('xps-25psi', 3, 75), max(0.3, -$d->footing->top()))],
                )),
            ));
    }
}
