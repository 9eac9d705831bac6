<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetEdge;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class SheetTurnedUp extends Rule
{
    public function asks(): string
    {
        return 'The sheet turns up at the edge to the slab’s top, or 12 in (300 mm) up the wall.';
    }

    public function why(): string
    {
        return 'Cut off at the edge it leaves a gap all round, where damp is worst.';
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
        $d = $s->design;

        return ! $d->sheet->present() || $d->sheet->edge === SheetEdge::TurnedUp
            ? null
            : $this->fix('The sheet is cut off at the edge.', remedy: Remedy::of(
                'Turn the sheet up to the slab’s top.',
                static fn (Design $d): Design => $d->with(['sheet' => $d->sheet->but(edge: SheetEdge::TurnedUp)]),
            ));
    }
}
