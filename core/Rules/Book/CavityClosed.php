<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class CavityClosed extends Rule
{
    public function asks(): string
    {
        return 'The cavity is closed with insulation at openings.';
    }

    public function why(): string
    {
        return 'An open cavity at a jamb or sill is a bridge and a way for damp.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Closer, Part::Wall];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $s->hasCavity() || $d->closer->present() ? null : $this->fix('Nothing closes the cavity at openings.', remedy: Remedy::of(
            'Put an insulated closer across the cavity.',
            static fn (Design $d): Design => $d->with(['closer' => $d->closer->thick($s->cavity())]),
        ));
    }
}
