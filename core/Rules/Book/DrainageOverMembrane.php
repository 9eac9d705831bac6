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
use Ondergrond\Verdict\Severity;

final class DrainageOverMembrane extends Rule
{
    public function asks(): string
    {
        return 'A drainage layer lies outside membrane and boards.';
    }

    public function why(): string
    {
        return 'From the concrete out: membrane, board, drainage layer with filter, free-draining fill, drain. Without it water '
            .'stands on the membrane.';
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
        return [Part::Drainage, Part::Membrane];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->hasRoomBelowGrade() || ! $d->membrane->present() || $d->drainage->present()
            ? null
            : $this->fix('No drainage layer leads water down to the drain.', remedy: Remedy::of(
                'Put a dimple membrane with filter outside.', static fn (Design $d): Design => $d->with(
                    ['drainage' => $s->stock->drainage()],
                ),
            ));
    }
}
