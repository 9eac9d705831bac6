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

final class ScreedPartedFromWall extends Rule
{
    /** m. */
    private const LEAST = 0.02;

    public function asks(): string
    {
        return 'A screed on insulation has an upstand of board at its edge.';
    }

    public function why(): string
    {
        return 'A screed against the wall passes heat and footfall straight into it.';
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
        return [Part::Upstand, Part::Screed];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        $parted = $d->upstand->thickness >= self::LEAST;

        return ! $d->screed->present() || $d->hasPanels() || ! $d->boardAbove->present() || $parted ? null : $this->fix(
            'The upstand round the screed is %1$s; %2$s is usual.', Measure::size($d->upstand->thickness),
            Measure::size($s->stock->size(1, 25)),
            Remedy::of(
                Said::of('Stand %s of board round the screed.', Measure::size($s->stock->size(1, 25))),
                static fn (Design $d): Design => $d->with(['upstand' => $d->upstand->thick($s->stock->size(1, 25))]),
            ),
        );
    }
}
