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

final class HeatedFloorInsulated extends Rule
{
    /** m²K/W. */
    private const LEAST = 1.7;

    public function asks(): string
    {
        return 'Under a heated floor there is R-10 (RSI 1.7) or more.';
    }

    public function why(): string
    {
        return 'A heated floor is warmer than the room, so the ground takes more of it.';
    }

    public function source(): string
    {
        return 'common practice, no source; codes ask for R-5 at least';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Heating, Part::Field, Part::BoardAbove];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $r = $s->floorResistance();

        return ! $d->heating->present() || $r >= self::LEAST ? null : $this->fix(
            'Below the pipes lies R %1$s; %2$s is wanted.', Measure::resistance($r), Measure::resistance(self::LEAST),
            $s->sizes->thickerFloor(static fn (Subject $then): bool => $then->floorResistance() >= self::LEAST),
        );
    }
}
