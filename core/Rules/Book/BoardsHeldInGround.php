<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\BoardHeld;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class BoardsHeldInGround extends Rule
{
    public function asks(): string
    {
        return 'An outside board is held by more than glue or the fill against it.';
    }

    public function why(): string
    {
        return 'Backfill settles and drags boards down; glue lets go in the wet.';
    }

    public function source(): string
    {
        return 'screws through edge boards into the fresh concrete, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::EdgeOutside];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->isNew(Part::EdgeOutside) || ! in_array($d->edgeOutside->held, [BoardHeld::Glued, BoardHeld::Earth], true) ? null
            : $this->note("The outside board is held by {$d->edgeOutside->held->label()}.", remedy: Remedy::of(
                $d->isNew(Part::Slab) ? 'Put screws through it into the fresh concrete.' : 'Fix it to the concrete.',
                static fn (Design $d): Design => $d->with(['edgeOutside' => $d->edgeOutside->but(
                    held: $d->isNew(Part::Slab) ? BoardHeld::InPour : BoardHeld::Fixed,
                )]),
            ));
    }
}
