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

final class SillFinishesFlush extends Rule
{
    /** m. */
    private const MOST = 0.0032;

    public function asks(): string
    {
        return 'Sill and finished floor are flush, within 1/8 in (3 mm).';
    }

    public function why(): string
    {
        return 'A sill that stands proud is stumbled over, one that lies low fills with the floor’s dirt.';
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
        return [Part::Threshold, Part::Screed];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $off = $d->threshold->sill - $d->onSlab();
        $onSlab = $d->onSlab();

        return ! $d->isNew(Part::Threshold) || $d->footprint->doors <= 0.0 || $d->threshold->sill <= 0.0 || abs($off) <= self::MOST ? null
            : $this->note(
                'The sill finishes %1$s '.($off > 0.0 ? 'above' : 'below').' the floor.', Measure::size(abs($off)), remedy: Remedy::of(
                    $onSlab > 0.0 ? Said::of('Set the sill %s over the slab.', Measure::size($onSlab))
                        : Said::of('Let the sill into the slab, flush with it.'),
                    static fn (Design $d): Design => $d->with(['threshold' => $d->threshold->but(sill: $onSlab)]),
                ),
            );
    }
}
