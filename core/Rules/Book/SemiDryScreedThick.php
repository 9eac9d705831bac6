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

final class SemiDryScreedThick extends Rule
{
    /** m. */
    private const LEAST = 0.065;

    public function asks(): string
    {
        return 'A semi-dry screed on boards is thick enough to carry.';
    }

    public function why(): string
    {
        return 'On boards it works as a slab of its own: thin, it breaks at the first trolley.';
    }

    public function source(): string
    {
        return 'BS 8204-1, floating screeds, 65 mm in dwellings (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Screed, Part::BoardAbove];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $least = $s->stock->size(2.5, 65);
        $thick = $s->stock->up(self::LEAST);

        return $d->screed->material->slug !== 'semi-dry-screed' || ! $d->isNew(Part::Screed) || ! $d->boardAbove->present()
            || $d->screed->thickness >= min($least, self::LEAST) - 0.001 ? null : $this->fix(
                'The semi-dry screed is %1$s thick; on boards it wants %2$s.', Measure::size($d->screed->thickness), Measure::size($least),
                Remedy::of(
                    Said::of('Make it %s.', Measure::size($thick)),
                    static fn (Design $d): Design => $d->with(['screed' => $d->screed->thick($thick)]),
                ),
            );
    }
}
