<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class FloorStaysDown extends Rule
{
    public function asks(): string
    {
        return 'Water under the floor does not lift it.';
    }

    public function why(): string
    {
        return 'A thin slab weighs less than a foot of water: it rises, cracks and does not come down again.';
    }

    public function source(): string
    {
        return 'EN 1997-1:2004, 2.4.7.4 and table A.15 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Slab, Part::Drains];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $water = $s->damp()->water;
        if (! $s->design->slab->present() || ! $water->lifts()) {
            return null;
        }
        $measures = [Measure::stress((float) $water->uplift()), Measure::stress($water->weight)];

        return $water->drained
            ? $this->note(
                'Without its drains water would push up at %1$s against a floor of %2$s: all hangs on drains and pump.',
                ...$measures,
            )
            : $this->stop('Water pushes up at %1$s against a floor that weighs %2$s.', ...$measures);
    }
}
