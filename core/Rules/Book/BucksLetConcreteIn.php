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

final class BucksLetConcreteIn extends Rule
{
    public function asks(): string
    {
        return 'Bucks are sized to the core, with holes under sills for the concrete and sills that slope outward.';
    }

    public function why(): string
    {
        return 'Under a closed sill nobody sees the hollow until the form is cut open, and a level sill holds water.';
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
        return [Part::Bucks];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $of = $d->bucks;
        if (! $d->isNew(Part::Form) || $of->openings !== Done::Yes) {
            return null;
        }
        $said = ['sized' => $of->sized, 'holes' => $of->holes, 'sloped' => $of->sloped];
        $wrong = array_keys($said, Done::No, true);
        $words = ['sized' => 'are not sized to the core', 'holes' => 'have no filling holes under sills', 'sloped' => 'have level sills'];

        return match (true) {
            $wrong !== [] => $this->fix(
                'The bucks '.implode(' and ', array_map(static fn (string $w): string => $words[$w], $wrong)).'.', remedy: Remedy::of(
                    'Size them to the core, hole and slope their sills.', static fn (Design $d): Design => $d->with([
                        'bucks' => $d->bucks->but(sized: Done::Yes, holes: Done::Yes, sloped: Done::Yes),
                    ]),
                ),
            ),
            in_array(Done::NotSaid, $said, true) => $this->notChecked('How the bucks of the openings are made is not said.'),
            default => null,
        };
    }
}
