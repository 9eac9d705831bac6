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
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class BreakAtDoors extends Rule
{
    public function asks(): string
    {
        return 'The concrete is held down and filled with foam at doors.';
    }

    public function why(): string
    {
        return 'At a sill the slab runs out into the weather: the one place where the edge has no cover.';
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
        return [Part::Threshold];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        // Over a deck a door stands on the joists.
        $slab = $s->isHeated() && ! $d->hasRoomBelowGrade() && ! $d->deck->present();

        return $d->footprint->doors <= 0.0 || $d->threshold->present() || ! $slab ? null : $this->fix(
            '%1$s of doors have no break in the slab.', Measure::of($d->footprint->doors, Quantity::Length), null,
            Remedy::of(Said::of(
                'Hold the concrete down %s at the doors and fill it with foam.',
                Measure::size($s->stock->size(1.5, 40)),
            ), static fn (Design $d): Design => $d->with([
                'threshold' => $d->threshold->but(
                    layer: $s->stock->layer('xps-40psi', 1.5, 40),
                    width: min($s->stock->size(6, 150), $d->stem->present() ? $d->stem->layer->thickness : $d->edgeBeam->width),
                ),
            ])),
        );
    }
}
