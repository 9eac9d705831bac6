<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class WallCanDry extends Rule
{
    public function asks(): string
    {
        return 'A wall that is insulated inside stays bare above the ground.';
    }

    public function why(): string
    {
        return 'Sealed inside it dries outward through the foot or so that stands out of the ground; covered there too it cannot.';
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
        return [Part::Lining, Part::Cover, Part::EdgeOutside];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        // Between the faces of a form the core has nothing to dry of; plasterboard alone shuts nothing.
        $outside = $d->cover->present() || $d->edgeOutside->present() && $s->outsideAboveGrade() > 0.0;
        $shut = $s->hasBoardInside() && ! $d->form->present() && $outside;

        return ! $shut || ! $d->hasRoomBelowGrade() ? null : $this->note('The wall is covered inside and outside: it cannot dry.');
    }
}
