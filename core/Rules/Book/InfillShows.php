<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\FloorFinish;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class InfillShows extends Rule
{
    public function asks(): string
    {
        return 'Whoever wants the slab as the floor knows that what fills a recess shows.';
    }

    public function why(): string
    {
        return 'Another pour is another colour, however well it is matched.';
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
        return [Part::Finish, Part::Recess];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        return $s->design->finish->kind !== FloorFinish::Ground || ! $s->design->isNew(Part::Recess) ? null : $this->note(
            'The recess is filled later, and its filling shows another colour in the ground floor.',
        );
    }
}
