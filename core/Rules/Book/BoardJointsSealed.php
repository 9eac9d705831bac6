<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class BoardJointsSealed extends Rule
{
    public function asks(): string
    {
        return 'Joints of boards inside a wall are taped or foamed.';
    }

    public function why(): string
    {
        return 'The room’s air goes through an open joint and leaves its water on the cold wall behind.';
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
        return [Part::Lining];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! ($s->hasBoardInside())) {
            return null;
        }

        return match ($d->lining->sealed) {
            Done::NotSaid => $this->notChecked(
                'Whether the joints of the boards inside the wall are sealed is not said.',
                unsaid: 'lining.sealed',
            ),
            Done::No => $this->fix('The joints of the boards inside the wall are open.', remedy: Remedy::of(
                'Tape or foam every joint, at floor and rim too.',
                static fn (Design $d): Design => $d->with(['lining' => $d->lining->but(sealed: Done::Yes)]),
            )),
            Done::Yes => null,
        };
    }
}
