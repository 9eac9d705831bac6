<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Material\Catalogue;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class StoneClean extends Rule
{
    public function asks(): string
    {
        return 'The bed is clean stone, not sand.';
    }

    public function why(): string
    {
        return 'Sand draws water up to the slab like a wick.';
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
        return [Part::Stone];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->stone->present() || $d->stone->material->slug !== 'sand'
            ? null
            : $this->fix('The bed is sand, which breaks no capillary rise.', remedy: Remedy::of(
                'Make the bed of clean crushed stone.', static fn (Design $d): Design => $d->with(
                    ['stone' => $d->stone->made(Catalogue::get('crushed-stone'))],
                ),
            ));
    }
}
