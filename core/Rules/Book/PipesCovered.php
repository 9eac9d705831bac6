<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class PipesCovered extends Rule
{
    /** m. */
    private const LEAST = 0.03;

    public function asks(): string
    {
        return 'Over the pipes lie 30 mm of screed or more.';
    }

    public function why(): string
    {
        return 'A thin cover cracks along the pipes, and stripes of warm and cool are felt through it.';
    }

    public function source(): string
    {
        return 'EN 1264-4:2009, from memory: 30 mm';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Heating, Part::Screed];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $cover = $d->heating->depth - $d->heating->pipe / 2;
        $depth = $s->stock->up(self::LEAST + $d->heating->pipe / 2);

        return $d->heating->in !== HeatedIn::Screed || $cover >= self::LEAST - 5e-4 ? null : $this->fix(
            'Over the pipes lie %1$s; %2$s are wanted.', Measure::size($cover), Measure::size($s->stock->size(1.25, 30)),
            $d->screed->thickness < $depth + 0.01 ? null : Remedy::of(
                Said::of('Lay the pipes %s deep.', Measure::size($depth)),
                static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(depth: $depth)]),
            ),
        );
    }
}
