<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\MembraneKind;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class PressingWaterKeptOut extends Rule
{
    public function asks(): string
    {
        return 'Where the water table comes above the floor, wall, joint and floor each have what keeps pressing water out.';
    }

    public function why(): string
    {
        return 'Water that presses finds the one place that was left: kept off the wall, it comes in at its foot or up through the floor.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Membrane, Part::Slab];
    }

    public function weights(): array
    {
        return [Severity::Stop];
    }

    public function judge(Subject $s): ?Finding
    {
        $water = $s->damp()->water;

        $open = $water->unsealed();
        if ($open === []) {
            return null;
        }
        $where = count($open) > 1 ? implode(', ', array_slice($open, 0, -1)).' and '.$open[count($open) - 1] : $open[0];

        return $this->stop(
            "Water stands %1\$s over the floor’s underside, and nothing keeps it out of {$where}.",
            Measure::depth(max((float) $water->floorHead, (float) $water->wallHead)),
            remedy: Remedy::of(
                'Put a self-adhered waterproofing sheet on the wall, up above the ground, carry it on under the floor, and a waterstop in '
                    .'the joint.',
                static fn (Design $d): Design => (new Companions($s->stock))->ofMembrane($d->with(['membrane' => $d->membrane->but(
                    thickness: max($d->membrane->thickness, $s->stock->size(0.06, 1.5)), topAboveGrade: max(
                        $d->membrane->topAboveGrade,
                        min($d->stem->topAboveGrade, 0.1),
                    ), kind: MembraneKind::Sheet, lap: max($d->membrane->lap, $s->stock->size(4, 100)),
                    waterstop: Done::Yes, underFloor: Done::Yes,
                )])),
            ));
    }
}
