<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\MembraneKind;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Measure;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;

final class PressingWaterKeptOut extends Rule
{
    public function asks(): string
    {
        return 'Where the water table comes above the floor, what stands pressing water is on the wall.';
    }

    public function why(): string
    {
        return 'Damp-proofing has pinholes, and water that presses finds them all.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function parts(): array
    {
        return [Part::Membrane];
    }

    public function judge(Subject $s): ?Finding
    {
        $water = $s->damp()->water;

        return ! $water->presses() ? null : $this->stop('Water stands %1$s over the floor’s underside, and no waterproofing keeps it out.', Measure::depth(max((float) $water->floorHead, (float) $water->wallHead)), remedy: Remedy::of(
            'Put a self-adhered waterproofing sheet on the wall, up above the ground.', static fn (Design $d): Design => $d->with(['membrane' => $d->membrane->but(
                thickness: max($d->membrane->thickness, $s->stock->size(0.06, 1.5)), topAboveGrade: max($d->membrane->topAboveGrade, min($d->stem->topAboveGrade, 0.1)), kind: MembraneKind::Sheet, lap: max($d->membrane->lap, $s->stock->size(4, 100)),
            )]),
        ));
    }
}
