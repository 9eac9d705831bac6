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

final class MembraneLapped extends Rule
{
    /** m. */
    private const LEAST = 0.0745;

    public function asks(): string
    {
        return 'Lengths of a membrane lap 3 in (75 mm) or more.';
    }

    public function why(): string
    {
        return 'A lap is where it leaks.';
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
        return [Part::Membrane];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $membrane = $s->design->membrane;
        if (! $membrane->present() || ! $membrane->kind->isLapped()) {
            return null;
        }
        $lap = $s->stock->size(4, 100);

        return match (true) {
            $membrane->lap <= 0.0 => $this->notChecked('How far the membrane’s lengths lap is not said.', unsaid: 'membrane.lap_m'),
            $membrane->lap < self::LEAST => $this->fix('The membrane laps %1$s; %2$s are wanted.',
                Measure::size($membrane->lap),
                Measure::size($s->stock->size(3, 75)),
                Remedy::of(
                    Said::of(
                        'Lap it %s.',
                        Measure::size($lap),
                    ), static fn (Design $d): Design => $d->with(['membrane' => $d->membrane->but(lap: $lap)]),
                )),
            default => null,
        };
    }
}
