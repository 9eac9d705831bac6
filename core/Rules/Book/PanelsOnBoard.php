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
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class PanelsOnBoard extends Rule
{
    /** m. */
    private const LEAST = 0.0155;

    public function asks(): string
    {
        return 'Floor panels over an old slab are 5/8 in (16 mm) or thicker.';
    }

    public function why(): string
    {
        return 'Thinner ones give between the dimples and the board joints, and their own joints open.';
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
        return [Part::Screed];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $thick = $s->stock->size(0.75, 18);

        return ! $d->hasPanels() || $d->screed->thickness >= self::LEAST ? null : $this->fix(
            'The floor panels are %1$s; %2$s is usual.', Measure::size($d->screed->thickness), Measure::size($thick), Remedy::of(
                Said::of('Make the panels %s.', Measure::size($thick)),
                static fn (Design $d): Design => $d->with(['screed' => $d->screed->thick($thick)]),
            ),
        );
    }
}
