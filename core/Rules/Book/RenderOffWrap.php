<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Behind;
use Ondergrond\Design\BehindKind;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class RenderOffWrap extends Rule
{
    public function asks(): string
    {
        return 'Render is not put on wrap, felt or paper.';
    }

    public function why(): string
    {
        return 'It keys to nothing there: it falls in sheets, or tears the paper that was to shed the water.';
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
        $last = $d->cover->kinds() === [] ? null : $d->cover->kinds()[count($d->cover->kinds()) - 1];

        return ! $d->isNew(Part::Cover) || ! $d->cover->isRender() || $last === null || $last->holdsRender() ? null : $this->fix(
            "The render lies on {$last->label()}.", remedy: Remedy::of(
                'Put lath over it first.', static fn (Design $d): Design => $d->with([
                    'cover' => $d->cover->but(behind: [...$d->cover->behind, new Behind(BehindKind::Lath)]),
                ]),
            ),
        );
    }
}
