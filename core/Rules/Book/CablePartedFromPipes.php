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

final class CablePartedFromPipes extends Rule
{
    /** m. */
    private const LEAST = 0.05;

    public function asks(): string
    {
        return 'Cable and pipes in one floor lie at two depths.';
    }

    public function why(): string
    {
        return 'A cable on a pipe heats its plastic past what it stands, and neither can be mended without the other.';
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
        return [Part::Heating];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $h = $s->design->heating;
        $apart = abs($h->cableDepth - $h->depth);
        if (! $h->hasBoth() || $apart >= self::LEAST - 0.001) {
            return null;
        }
        // Over the pipes where there is room, else under them.
        $to = $h->depth - self::LEAST >= 0.03 ? $h->depth - self::LEAST : $h->depth + self::LEAST;
        $fits = $to <= $s->design->finishedFloor() - $s->design->slab->underside() + 1e-9;

        return $this->fix(
            'Cable and pipes lie %1$s apart in depth; %2$s keeps them clear of each other.', Measure::size($apart),
            Measure::size(self::LEAST), $fits ? Remedy::of(
                Said::of('Lay the cable at a depth of %s.', Measure::size($to)),
                static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(cableDepth: $to)]),
            ) : null,
        );
    }
}
