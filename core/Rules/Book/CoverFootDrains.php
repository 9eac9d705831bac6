<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\CoverFoot;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class CoverFootDrains extends Rule
{
    public function asks(): string
    {
        return 'Water that gets behind a cover runs out at its foot.';
    }

    public function why(): string
    {
        return 'A foot on paving holds it there, and frost lifts the cover off.';
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
        return [Part::Cover];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->isNew(Part::Cover) || $d->cover->foot !== CoverFoot::Paving ? null : $this->fix(
            'The cover stands on paving: what runs down behind it cannot get out.', remedy: Remedy::of(
                'Leave a strip of gravel under it.',
                static fn (Design $d): Design => $d->with(['cover' => $d->cover->but(foot: CoverFoot::Gravel)]),
            ),
        );
    }
}
