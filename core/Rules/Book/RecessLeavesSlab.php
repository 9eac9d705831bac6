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

final class RecessLeavesSlab extends Rule
{
    /** m. */
    private const LEAST = 0.065;

    public function asks(): string
    {
        return 'Under a recess the slab keeps its bars and 2½ in (65 mm) of concrete.';
    }

    public function why(): string
    {
        return 'A groove along the edge is where the slab breaks off.';
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
        return [Part::Recess, Part::Slab];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $left = $d->slab->layer->thickness - $d->recess->depth;

        return ! $d->recess->present() || $left >= self::LEAST || $d->edgeBeam->width > $d->recess->fromEdge + $d->recess->width
            ? null
            : $this->note(
                'Under the recess %1$s of slab stay; %2$s are wanted.', Measure::size($left), Measure::size($s->stock->size(2.5, 65)),
            );
    }
}
