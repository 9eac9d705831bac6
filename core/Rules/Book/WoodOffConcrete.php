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
use Ondergrond\Verdict\Severity;

final class WoodOffConcrete extends Rule
{
    public function asks(): string
    {
        return 'Wood never stands on bare concrete.';
    }

    public function why(): string
    {
        return 'On a floor that never saw standing water, stair timbers drew up moisture and their nails rusted in under ten years.';
    }

    public function source(): string
    {
        return 'IRC R317.1 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Dpc, Part::Wall, Part::Deck];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $s->hasNewWoodOnEdge() || $d->dpc->present()
            ? null
            : $this->fix('Wood stands on the concrete without a course between.', remedy: Remedy::of(
                'Lay a damp-proof course or a sill gasket under it.', static fn (Design $d): Design => $d->with(
                    ['dpc' => $s->stock->gasket(max(0.0, $s->at->top))],
                ),
            ));
    }
}
