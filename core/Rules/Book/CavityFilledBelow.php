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
use Ondergrond\Section\StemWall;
use Ondergrond\Verdict\Severity;

final class CavityFilledBelow extends Rule
{
    public function asks(): string
    {
        return 'Below its insulation the stem’s cavity is filled with lean concrete.';
    }

    public function why(): string
    {
        return 'The ground presses the leaves together, and water stands in an open cavity.';
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
        return [Part::Cavity, Part::Stem];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        // Insulated down to the footing there is nothing left to fill.
        if (! $d->stem->hasLeaves() || StemWall::of($d, $s->at)->insulatedFrom <= $s->at->stemFoot + 0.005) {
            return null;
        }

        return match ($d->cavity->leanFill) {
            Done::NotSaid => $this->notChecked('What fills the stem’s cavity in the ground is not said.', unsaid: 'cavity.lean_fill'),
            Done::No => $this->fix('The stem’s cavity is open in the ground.', remedy: Remedy::of(
                'Fill it with lean concrete up to its insulation.',
                static fn (Design $d): Design => $d->with(['cavity' => $d->cavity->but(leanFill: Done::Yes)]),
            )),
            Done::Yes => null,
        };
    }
}
