<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Membrane;
use Ondergrond\Design\MembraneKind;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class WallWaterproofed extends Rule
{
    public function asks(): string
    {
        return 'The wall of a room below the ground has a membrane.';
    }

    public function why(): string
    {
        return 'Concrete and masonry pass water; from inside it can be drained but never stopped.';
    }

    public function source(): string
    {
        return 'IRC R406 (from memory)';
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
        return [Severity::Stop];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        // What comes through an old wall is led away inside.
        return ! $s->liesDeep() || $d->membrane->present() || $d->standing->has(Part::Stem)
            ? null
            : $this->stop('No membrane keeps the ground’s water off the wall.', remedy: Remedy::of(
                'Put a self-adhered sheet on the wall, from the footing to above the ground, and a drainage layer over it.',
                static fn (Design $d): Design => (new Companions($s->stock))->ofMembrane($d->with(
                    [
                        'membrane' => new Membrane(
                            $s->stock->size(0.06, 1.5),
                            min($d->stem->topAboveGrade, 0.1),
                            MembraneKind::Sheet,
                            $s->stock->size(4, 100),
                        ),
                    ],
                )),
            ));
    }
}
