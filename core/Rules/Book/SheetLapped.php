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

final class SheetLapped extends Rule
{
    /** 6 in, m. */
    private const LEAST = 0.15;

    public function asks(): string
    {
        return 'The sheet’s lengths lap 6 in (150 mm) or more.';
    }

    public function why(): string
    {
        return 'Laps creep open under the boards and the boots before the pour.';
    }

    public function source(): string
    {
        return 'IRC R506.2.3, 6 in (from memory); careful crews 2 ft, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Sheet];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return match (true) {
            ! $d->sheet->present() || $d->sheet->lap >= self::LEAST - 0.003 => null,
            $d->sheet->lap <= 0.0 => $this->notChecked('How far the sheet laps is not said.', unsaid: 'sheet.lap_m'),
            default => $this->fix('The sheet laps %1$s; the least is %2$s.',
                Measure::size($d->sheet->lap),
                Measure::size($s->stock->size(6, 150)),
                Remedy::of(
                    Said::of(
                        'Lap it %s.',
                        Measure::size($s->stock->size(12, 300)),
                    ), static fn (Design $d): Design => $d->with(['sheet' => $d->sheet->but(lap: $s->stock->size(12, 300))]),
                )),
        };
    }
}
