<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\OldPiece;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class OldBearingLookedAt extends Rule
{
    public function asks(): string
    {
        return 'Before an old slab, wall or ground is taken out an engineer says what leans on it.';
    }

    public function why(): string
    {
        return 'The foot of an old wall is often held by the slab alone, and ground dug beside a footing lets it go.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::TakenOut, Part::Loads];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $bears = array_filter($d->takenOut->pieces, static fn (OldPiece $p): bool => $p->what->mayBear());

        return $bears === [] || ! $d->standing->isFoundation() ? null : $this->note(
            'Taken out: '.implode(', ', array_unique(array_map(static fn (OldPiece $p): string => $p->what->label(), $bears)))
                .'. In short lengths, the wall’s foot held, as an engineer says.',
        );
    }
}
