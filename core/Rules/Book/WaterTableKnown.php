<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class WaterTableKnown extends Rule
{
    public function asks(): string
    {
        return 'Where a room lies below the ground, the highest water table is known.';
    }

    public function why(): string
    {
        return 'Head, lift and pump all hang on it, and nobody can tell it from a dry hole in August.';
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
        return [Part::Membrane, Part::Drains];
    }

    public function weights(): array
    {
        return [Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        return $s->damp()->water->isKnown() ? null : $this->notChecked(
            'How high the water table comes is not said.',
            unsaid: 'site.damp.water_table_m',
        );
    }
}
