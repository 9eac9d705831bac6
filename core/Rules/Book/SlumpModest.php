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

final class SlumpModest extends Rule
{
    /** 5 in, m. */
    private const MOST = 0.127;

    public function asks(): string
    {
        return 'The concrete is no wetter than it must be to be placed.';
    }

    public function why(): string
    {
        return 'Water added for an easy pour leaves as shrinkage and bleed, and floats boards.';
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
        return [Part::Mix];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $slump = $s->design->mix->slump;

        return $slump <= self::MOST + 0.001 || ! $s->design->isNew(Part::Slab) ? null : $this->note(
            'A slump of %1$s is asked; up to %2$s is usual, more by a plasticizer and not by water.', Measure::size($slump),
            Measure::size(self::MOST), Remedy::of(
                Said::of('Ask for %s.', Measure::size($s->stock->size(4, 100))),
                static fn (Design $d): Design => $d->with(['mix' => $d->mix->but(slump: $s->stock->size(4, 100))]),
            ),
        );
    }
}
