<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Material\Product;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class ProductHeatSaid extends Rule
{
    public function asks(): string
    {
        return 'The data sheet of each own foam beside pipes or cable says how hot it may get.';
    }

    public function why(): string
    {
        return 'Foam softens for good, and boards of one kind differ.';
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
        return [Part::Heating, Part::Field, Part::BoardAbove];
    }

    public function weights(): array
    {
        return [Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $silent = $s->design->heating->present() ? array_filter(
            $s->design->products(),
            static fn (Product $p): bool => $p->hottest === null && $p->material()->kind->hottest() !== null,
        ) : [];

        return $silent === [] ? null : $this->notChecked(
            'How hot '.implode(' and ', array_map(static fn (Product $p): string => str_replace('%', '%%', $p->name), $silent))
                .' may get is not said.',
        );
    }
}
