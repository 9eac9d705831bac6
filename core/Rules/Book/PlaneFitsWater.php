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
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class PlaneFitsWater extends Rule
{
    /** Nearer than this nobody knows it, K; common practice, no source. */
    private const NEAR = 2.0;

    public function asks(): string
    {
        return 'The temperature of the pipes’ plane that the floor’s loss is counted from is the one that its water needs.';
    }

    public function why(): string
    {
        return 'What is typed too warm makes the floor lose heat on paper that it never gets, too cool hides what it loses.';
    }

    public function source(): string
    {
        return 'ISO 11855-2:2012 resistances from room to plane, by the load of the heating months (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Heating];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $floor = $s->heatedFloor();
        $typed = $s->design->heating->plane;
        $needed = $floor?->planeOverMonths($s->site);
        if ($needed === null || abs($typed - $needed) <= self::NEAR) {
            return null;
        }
        $fits = round($needed, 1);

        return $this->note(
            'The floor’s loss is counted from %1$s at the pipes; over the heating months the rooms need %2$s there.', Measure::of(
                $typed,
                Quantity::Temperature,
            ), Measure::of(
                $needed,
                Quantity::Temperature,
            ),
            $fits < 10.0 ? null : Remedy::of(
                Said::of('Count from %s.', Measure::of($fits, Quantity::Temperature)),
                static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(plane: $fits)]),
            ),
        );
    }
}
