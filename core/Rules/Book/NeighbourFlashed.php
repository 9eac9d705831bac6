<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class NeighbourFlashed extends Rule
{
    public function asks(): string
    {
        return 'Where a garage or porch slab meets the wall, flashing laps both ways over the joint.';
    }

    public function why(): string
    {
        return 'Water that stands on the lower slab runs into the joint, and along the break to the sill.';
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
        return [Part::Neighbour];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! ($d->neighbour->present())) {
            return null;
        }

        return match ($d->neighbour->flashing) {
            Done::NotSaid => $this->notChecked(
                'Whether the joint to the neighbour’s slab is flashed is not said.',
                unsaid: 'neighbour.flashing',
            ),
            Done::No => $this->fix('Nothing covers the joint to the neighbour’s slab.', remedy: Remedy::of(
                'Put liquid flashing on it, up the wall and out on the slab.',
                static fn (Design $d): Design => $d->with(['neighbour' => $d->neighbour->but(flashing: Done::Yes)]),
            )),
            Done::Yes => null,
        };
    }
}
