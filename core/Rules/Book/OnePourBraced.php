<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Casting;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class OnePourBraced extends Rule
{
    public function asks(): string
    {
        return 'Forms of footing and wall that are filled in one pour are braced against each other.';
    }

    public function why(): string
    {
        return 'Wet concrete lifts the wall’s form off the footing’s, and the pour runs out at the foot.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Footing, Part::Stem, Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return match (true) {
            $d->footing->casting !== Casting::Together || ! $d->isNew(Part::Footing) || $d->footing->braced === Done::Yes => null,
            $d->footing->braced === Done::NotSaid => $this->notChecked(
                'How the forms of footing and wall are braced for one pour is not said.', unsaid: 'footing.braced',
            ),
            default => $this->fix('Footing and wall are poured in one, and their forms are not braced.', remedy: Remedy::of(
                'Brace them against each other.',
                static fn (Design $d): Design => $d->with(['footing' => $d->footing->but(braced: Done::Yes)]),
            )),
        };
    }
}
