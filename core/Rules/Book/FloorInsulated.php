<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class FloorInsulated extends Rule
{
    public function asks(): string
    {
        return 'A heated floor on the ground lies on insulation.';
    }

    public function why(): string
    {
        return 'Deep ground draws heat all year; the slab can never be lifted to put the board in later.';
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
        return [Part::Field, Part::BoardAbove];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $s->isHeated() || $s->isCrawlspace() || $s->floorResistance() > 0.1 || ! $d->slab->present() ? null : $this->fix(
            'Nothing insulates the floor.',
            remedy: Remedy::of(
                Said::of('Put %s of board under the slab.', Measure::size($s->stock->size(2, 50))),
                static fn (Design $d): Design => (new Companions($s->stock))->ofMiddle(
                    $d->with(['fieldBoard' => $s->stock->layer('xps-25psi', 2, 50)]),
                ),
            ),
        );
    }
}
