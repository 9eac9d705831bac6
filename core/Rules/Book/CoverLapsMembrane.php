<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class CoverLapsMembrane extends Rule
{
    /** 4 in, m. */
    private const LAP = 0.1;

    public function asks(): string
    {
        return 'Where the cover meets the wall’s membrane, one laps over the other.';
    }

    public function why(): string
    {
        return 'At the ground water stands highest: between a sheet that ends and a render that goes on it finds the way behind both.';
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
        return [Part::Cover, Part::Membrane];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    /**
     * Two ways: the membrane goes up behind the cover to the wall’s top, so that nothing has to be lapped; or it ends sooner, and the
     * cover’s wrap laps down outside it.
     */
    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $behind = $d->membrane->topAboveGrade >= $d->stem->topAboveGrade - 0.005;
        if (! $d->cover->present() || ! $d->membrane->present() || ! $d->hasRoomBelowGrade() || $behind) {
            return null;
        }
        $lap = $d->membrane->topAboveGrade + $d->cover->depthBelowGrade;
        $up = Remedy::of(
            'Take the membrane up behind the cover to the wall’s top.',
            static fn (Design $d): Design => $d->with(['membrane' => $d->membrane->but(topAboveGrade: $d->stem->topAboveGrade)]),
        );

        return match (true) {
            $d->cover->lapped === Done::NotSaid => $this->notChecked(
                'Whether the cover’s wrap laps over the membrane is not said; they pass each other by %1$s.',
                Measure::size(max(0.0, $lap)), 'cover.lapped',
            ),
            $d->cover->lapped === Done::No => $this->fix('The cover and the membrane are not lapped where they meet.', remedy: $up),
            $lap < self::LAP - 0.005 => $this->fix(
                'The cover laps %1$s over the membrane; %2$s are wanted.', Measure::size(max(0.0, $lap)),
                Measure::size($s->stock->size(4, 100)),
                Remedy::of(
                    Said::of('Take the cover down over it by %s.', Measure::size($s->stock->size(4, 100))),
                    static fn (Design $d): Design => $d->with(['cover' => $d->cover->but(
                        depthBelowGrade: max(0.0, $s->stock->up(self::LAP - $d->membrane->topAboveGrade)),
                    )]),
                ),
            ),
            default => null,
        };
    }
}
