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

final class SlabThickEnough extends Rule
{
    /** m. */
    private const LEAST = 0.0885;

    public function asks(): string
    {
        return 'A slab is 3½ in (89 mm) or more everywhere.';
    }

    public function why(): string
    {
        return 'Thin places crack; the thickness is checked everywhere before the sheet goes down.';
    }

    public function source(): string
    {
        return 'IRC R506.1 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Slab];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->slab->present() || $s->isCrawlspace() || $d->slab->layer->thickness >= self::LEAST ? null : $this->fix(
            'The slab is %1$s; the least is %2$s.', Measure::size($d->slab->layer->thickness), Measure::size(0.089),
            Remedy::of(
                Said::of('Make the slab %s.', Measure::size($s->stock->size(4, 100))),
                static fn (Design $d): Design => $d->with(
                    ['slab' => $d->slab->but(layer: $d->slab->layer->thick($s->stock->size(4, 100)))],
                ),
            ),
        );
    }
}
