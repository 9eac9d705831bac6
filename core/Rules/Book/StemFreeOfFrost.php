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

final class StemFreeOfFrost extends Rule
{
    public function asks(): string
    {
        return 'Ground that freezes against a stem wall cannot grip and lift it.';
    }

    public function why(): string
    {
        return 'Ice holds on to rough concrete, and ground that heaves pulls a light wall up with it (adfreeze).';
    }

    public function source(): string
    {
        return 'the design winter on the section as drawn; that a board, a mat or clean backfill parts them is common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Stem, Part::Drainage, Part::EdgeOutside];
    }

    public function hangsOnField(): bool
    {
        return true;
    }

    public function weights(): array
    {
        return [Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $ice = $s->frost()->frozenElsewhere()['stem'] ?? 0.0;

        return $ice <= 0.0 ? null : $this->notChecked(
            'Ground freezes against %1$s of the bare stem: clean backfill, a mat or a board has to part them, or the wall’s weight '
                .'to hold it.',
            Measure::depth($ice),
        );
    }
}
