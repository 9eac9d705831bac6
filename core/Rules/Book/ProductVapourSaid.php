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

final class ProductVapourSaid extends Rule
{
    public function asks(): string
    {
        return 'The data sheet of each own product says how it resists vapour.';
    }

    public function why(): string
    {
        return 'Whether a build-up dries or traps water hangs on it, and products of one kind differ tenfold.';
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
        return [Part::Field, Part::Perimeter, Part::BoardAbove, Part::Lining, Part::EdgeOutside, Part::Wall, Part::Deck];
    }

    public function weights(): array
    {
        return [Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $silent = array_filter($s->design->products(), static fn (Product $p): bool => $p->vapour() === null);

        return $silent === [] ? null : $this->notChecked(
            'Of '.implode(' and ', array_map(static fn (Product $p): string => str_replace('%', '%%', $p->name), $silent))
                .' the resistance to vapour is not said: it is reckoned as open as air.',
        );
    }
}
