<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\DrainMade;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class FormBoardsGather extends Rule
{
    public function asks(): string
    {
        return 'Hollow boards that form the footing lie on both sides and lead somewhere.';
    }

    public function why(): string
    {
        return 'They are drain and gas collection in one only where water and gas have a way from the inner to the outer and out.';
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
        return [Part::Drains];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        $both = $d->drains->inner > 0.0 && $d->drains->outer > 0.0;

        if (! $d->isNew(Part::Drains) || $d->drains->made !== DrainMade::FormBoards || $both) {
            return null;
        }

        return $this->fix('Hollow boards form one side of the footing alone.', remedy: Remedy::of(
            'Set them on both sides.', static fn (Design $d): Design => $d->with(['drains' => $d->drains->but(
                inner: max($d->drains->inner, $d->drains->outer), outer: max($d->drains->inner, $d->drains->outer),
            )]),
        ));
    }
}
