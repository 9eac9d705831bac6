<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class SlabStandsFrost extends Rule
{
    public function asks(): string
    {
        return 'The ground under the floor does not freeze, or does not heave.';
    }

    public function why(): string
    {
        return 'A footing below frost holds the walls still while frozen clay lifts the slab between them.';
    }

    public function source(): string
    {
        return 'the design winter on the section as drawn; common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Slab, Part::Stone];
    }

    public function hangsOnField(): bool
    {
        return true;
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $frost = $s->frost();
        $ice = $frost->frozenElsewhere()['slab'] ?? 0.0;

        return match (true) {
            $ice <= 0.0 => null,
            $frost->slabHeaves() => $this->stop(
                'In the design winter %1$s of the ground under the slab freezes, and this ground heaves: keep the rooms warm, or take '
                    .'clean stone down to the frost.',
                Measure::depth($ice),
            ),
            default => $this->notChecked(
                '%1$s of the ground under the slab freezes in the design winter: whether it heaves has to be tested.',
                Measure::depth($ice),
            ),
        };
    }
}
