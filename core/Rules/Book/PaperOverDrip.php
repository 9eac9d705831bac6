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

final class PaperOverDrip extends Rule
{
    public function asks(): string
    {
        return 'The wall’s upper paper laps over the drip above a cover.';
    }

    public function why(): string
    {
        return 'Behind the drip the water of the whole wall comes down.';
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
        return [Part::Cover, Part::Shield];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->isNew(Part::Cover) || ! $d->shield->present() || $d->cover->paper !== Done::No ? null : $this->fix(
            'The wall’s paper ends behind the drip.', remedy: Remedy::of(
                'Lap it over the drip.', static fn (Design $d): Design => $d->with(['cover' => $d->cover->but(paper: Done::Yes)]),
            ),
        );
    }
}
