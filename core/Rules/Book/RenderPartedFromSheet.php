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

final class RenderPartedFromSheet extends Rule
{
    public function asks(): string
    {
        return 'Render that goes over the wall’s sheet is not keyed to it.';
    }

    public function why(): string
    {
        return 'Wall and fill move: keyed, the render tears the sheet where water stands highest.';
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
        return [Part::Cover, Part::Membrane];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->isNew(Part::Cover) || ! $d->cover->isRender() || ! $d->membrane->present() || $d->cover->keyed !== Done::Yes ? null
            : $this->fix('The render is keyed to the wall’s sheet.', remedy: Remedy::of(
                'Part them by wrap or paper.', static fn (Design $d): Design => $d->with(['cover' => $d->cover->but(keyed: Done::No)]),
            ));
    }
}
