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
use Ondergrond\Verdict\Severity;

final class SteelCovered extends Rule
{
    /** m. */
    private const BOARD = 0.038;

    /** m. */
    private const GROUND = 0.075;

    public function asks(): string
    {
        return 'The bars have concrete all round: 1½ in (38 mm) over boards, 3 in (75 mm) against ground.';
    }

    public function why(): string
    {
        return 'Bars that lie on the sheet rust and hold nothing.';
    }

    public function source(): string
    {
        return 'ACI 318-14, table 20.6.1.3.1 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Steel, Part::Slab];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $steel = $d->steel;
        $remedy = Remedy::of(
            'Set the bars on chairs at those covers.',
            static fn (Design $d): Design => $d->with(
                ['steel' => $d->steel->but(cover: max($d->steel->cover, self::BOARD), edgeCover: max($d->steel->edgeCover, self::GROUND))],
            ),
        );

        return match (true) {
            ! $d->slab->present() => null,
            ! $steel->present() => $this->notChecked('Nothing is said of the bars in the slab.', unsaid: 'steel.bar_m'),
            $steel->cover < self::BOARD - 0.001 => $this->fix(
                'The bars have %1$s of cover below; %2$s are wanted.',
                Measure::size($steel->cover),
                Measure::size($s->stock->size(1.5, 38)),
                $remedy,
            ),
            $steel->edgeCover < self::GROUND - 0.002 => $this->fix(
                'The bars have %1$s of cover at the edge; %2$s are wanted against ground.',
                Measure::size($steel->edgeCover),
                Measure::size($s->stock->size(3, 75)),
                $remedy,
            ),
            default => null,
        };
    }
}
