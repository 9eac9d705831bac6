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

final class InspectionGap extends Rule
{
    /** 6 in, m. */
    private const LEAST = 0.15;

    public function asks(): string
    {
        return 'Above the ground 6 in (150 mm) stay in sight below the wood.';
    }

    public function why(): string
    {
        return 'What cannot be seen cannot be inspected: earth against the wall is a road for termites and damp.';
    }

    public function source(): string
    {
        return 'IRC R317.1 and R318 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Slab, Part::Stem, Part::Wall];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $gap = $s->at->top;

        return ! $s->hasWoodOnEdge() || $gap >= self::LEAST - 0.005 ? null : $this->fix(
            'The wood starts %1$s above the ground; %2$s are wanted.', Measure::size($gap), Measure::size($s->stock->size(6, 150)),
            $d->stem->present()
                ? Remedy::of(
                    Said::of('Take the stem wall up to %s.', Measure::size($s->stock->size(6, 150))),
                    static fn (Design $d): Design => $d->with(
                        [
                            'stem' => $d->stem->but(topAboveGrade: $s->stock->size(6, 150)),
                            ...(
                                $d->deck->present()
                                ? ['deck' => $d->deck->but(
                                    topAboveGrade: $d->deck->topAboveGrade + $s->stock->size(6, 150) - $d->stem->topAboveGrade,
                                )]
                                : []
                            ),
                        ],
                    ),
                )
                : Remedy::of(
                    Said::of('Set the slab %s above the ground.', Measure::size($s->stock->size(6, 150))),
                    static fn (Design $d): Design => $d->with(
                        [
                            'slab' => $d->slab->but(topAboveGrade: $s->stock->size(6, 150)),
                            'edgeBeam' => $d->edgeBeam->but(depth: $d->edgeBeam->depth + $s->stock->size(6, 150) - $d->slab->topAboveGrade),
                        ],
                    ),
                ),
        );
    }
}
