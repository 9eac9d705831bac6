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

final class FloorBoardThick extends Rule
{
    /** m²K/W. */
    private const LEAST = 1.7;

    /** On an old slab, where each step of board takes headroom: 1 in. */
    private const ON_OLD = 0.85;

    public function asks(): string
    {
        return 'The board under a heated slab is about R-10 (RSI 1.7) or more, on an old slab R-5 (0.85).';
    }

    public function why(): string
    {
        return 'A thin board is the one thing regretted afterwards and never changed.';
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
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $r = $s->floorResistance();
        $least = $d->standing->has(Part::Slab) ? self::ON_OLD : self::LEAST;

        return ! $s->isHeated() || $s->isCrawlspace() || ! $d->slab->present() || $r >= $least ? null : $this->note(
            'The floor has R %1$s; %2$s is the usual least.', Measure::resistance($r), Measure::resistance($least),
            $s->sizes->thickerFloor(static fn (Subject $then): bool => $then->floorResistance() >= $least),
        );
    }
}
