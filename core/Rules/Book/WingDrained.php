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
use Ondergrond\Site\GroundWater;
use Ondergrond\Site\Soil;
use Ondergrond\Verdict\Severity;

final class WingDrained extends Rule
{
    public function asks(): string
    {
        return 'A wing in clay or silt lies where water runs off.';
    }

    public function why(): string
    {
        return 'Water that stands on a wing soaks the board and feeds the ice under its edge.';
    }

    public function source(): string
    {
        return 'IRC R403.3.3: drainage where the ground holds water (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Wing, Part::Drains];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->wing->present()
            || $s->site->soil !== Soil::ClayOrSilt
            || $d->drains->outer > 0.0
            || $s->site->water === GroundWater::Dry
            ? null
            : $this->note(
                'The wing lies in clay or silt and no drain takes the water from it.', remedy: Remedy::of(
                    'Lay a drain along the edge.',
                    static fn (Design $d): Design => $d->with(['drains' => $d->drains->but(outer: $s->stock->size(4, 100))]),
                ),
            );
    }
}
