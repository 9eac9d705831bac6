<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\DpcKind;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class CourseLapped extends Rule
{
    /** m. */
    private const LEAST = 0.0995;

    public function asks(): string
    {
        return 'Lengths of a damp-proof course lap 4 in (100 mm) or more.';
    }

    public function why(): string
    {
        return 'Water climbs through a butt joint as if there were no course.';
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
        return [Part::Dpc];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $dpc = $s->design->dpc;
        $lap = $s->stock->size(4, 100);

        return match (true) {
            ! $dpc->present() || in_array($dpc->kind, [DpcKind::Slate, DpcKind::Injected], true) => null,
            $dpc->lap <= 0.0 => $this->notChecked('How far the lengths of the damp-proof course lap is not said.', unsaid: 'dpc.lap_m'),
            $dpc->lap < self::LEAST => $this->fix('The damp-proof course laps %1$s; %2$s are wanted.',
                Measure::size($dpc->lap),
                Measure::size($lap),
                Remedy::of(
                    Said::of('Lap it %s.', Measure::size($lap)),
                    static fn (Design $d): Design => $d->with(['dpc' => $d->dpc->but(lap: $lap)]),
                )),
            default => null,
        };
    }
}
