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

final class BearingUndersideInsulated extends Rule
{
    public function asks(): string
    {
        return 'The beam of a heated slab does not stand bare on the ground.';
    }

    public function why(): string
    {
        return 'A tray with an open bottom loses heat through the beam, the largest concrete there is.';
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
        return [Part::EdgeUnder, Part::Beam];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return $d->stem->present() || $d->edgeUnder->present() || ! $s->isHeated()
            ? null
            : $this->note('Nothing insulates the beam’s underside.', remedy: Remedy::of(
                Said::of('Lay %s of 40 psi (276 kPa) board under the beam.', Measure::size($s->stock->size(2, 50))),
                // The outside board covers what it covered, the new board with it.
                static fn (Design $d): Design => $d->with([
                    'edgeUnder' => $s->stock->layer('xps-40psi', 2, 50),
                    'edgeOutside' => $d->edgeOutside->present() && $d->edgeOutside->depthBelowGrade >= -$s->at->foot - 0.05
                        ? $d->edgeOutside->but(depthBelowGrade: max($d->edgeOutside->depthBelowGrade,
                            -$s->at->foot + $s->stock->size(2, 50)))
                        : $d->edgeOutside,
                ]),
            ));
    }
}
