<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\DrainOutlet;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class WaterLedInside extends Rule
{
    public function asks(): string
    {
        return 'What comes through an old wall below the ground is led away inside: under a mat to a sump or a drain.';
    }

    public function why(): string
    {
        return 'An old wall leaks sooner or later; where the water has a way to go, boards and floor stay dry.';
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
        return [Part::Mat, Part::Drains];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! $s->liesDeep() || ! $d->standing->has(Part::Stem) || $d->membrane->present()) {
            return null;
        }

        return match (true) {
            ! $d->mat->present() && $d->drains->inner <= 0.0 => $this->fix(
                'Nothing leads away what comes through the old wall.', remedy: Remedy::of(
                    'Lay a dimple mat on the old slab under the wall boards, leading to a sump.',
                    static fn (Design $d): Design => $d->with(['mat' => $s->stock->mat()]),
                ),
            ),
            $d->mat->present() && $d->mat->outlet === DrainOutlet::NotSaid && $d->drains->inner <= 0.0 => $this->notChecked(
                'Where the water under the mat goes is not said.', unsaid: 'mat.outlet',
            ),
            default => null,
        };
    }
}
