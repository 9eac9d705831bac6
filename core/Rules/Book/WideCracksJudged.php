<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Crack;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class WideCracksJudged extends Rule
{
    /** m. */
    private const MOST = 0.0065;

    public function asks(): string
    {
        return 'A crack wider than 1/4 in (6 mm) is judged by an engineer before it is covered.';
    }

    public function why(): string
    {
        return 'A wall that still moves opens every filling, and its lining hides it.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Repairs, Part::Loads];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $widths = array_map(static fn (Crack $c): float => $c->width, $s->design->repairs->cracks);
        $widest = $widths === [] ? 0.0 : max($widths);

        return $widest <= self::MOST ? null : $this->fix(
            'The widest crack is %1$s; from %2$s on an engineer looks at it before anything covers it.',
            Measure::size($widest), Measure::size($s->stock->size(0.25, 6)),
        );
    }
}
