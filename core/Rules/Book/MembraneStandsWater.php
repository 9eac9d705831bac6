<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\MembraneKind;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\GroundWater;
use Ondergrond\Verdict\Severity;

final class MembraneStandsWater extends Rule
{
    public function asks(): string
    {
        return 'Where water presses, the wall has waterproofing, not damp-proofing.';
    }

    public function why(): string
    {
        return 'A coat resists vapour and capillary water only; standing water finds every pinhole.';
    }

    public function source(): string
    {
        return 'IRC R406.2 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Membrane];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! $d->hasRoomBelowGrade() || ! $d->membrane->present()) {
            return null;
        }
        $remedy = Remedy::of(
            'Take a fluid-applied waterproofing.',
            static fn (Design $d): Design => $d->with(['membrane' => $d->membrane->but(kind: MembraneKind::Fluid)]),
        );

        // A table that is given says it by itself.
        $water = $s->damp()->water;
        $presses = $s->site->water === GroundWater::Pressing || ($water->wallHead ?? 0.0) > 0.0;

        return match (true) {
            ! $presses && $s->site->water === GroundWater::NotSaid && $water->table === null => $this->notChecked(
                'How wet the ground is is not said, so whether the membrane stands it is not known.',
                unsaid: 'site.water',
            ),
            ! $presses || $d->membrane->kind->isWaterproofing() => null,
            $d->membrane->kind === MembraneKind::NotSaid => $this->notChecked(
                'Water presses against the wall, and what the membrane is is not said.',
                unsaid: 'membrane.kind',
            ),
            default => $this->stop(
                'Water presses against the wall, and the '.$d->membrane->kind->label().' only keeps damp off.',
                remedy: $remedy,
            ),
        };
    }
}
