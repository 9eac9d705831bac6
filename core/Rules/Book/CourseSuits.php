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
use Ondergrond\Site\Soil;
use Ondergrond\Verdict\Severity;

final class CourseSuits extends Rule
{
    public function asks(): string
    {
        return 'A damp-proof course of slate lies only where nothing moves.';
    }

    public function why(): string
    {
        return 'Slate cracks where the wall settles, and a cracked course is none.';
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
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        return ! $s->design->dpc->present() || ! $s->design->dpc->kind->isBrittle() || $s->site->soil === Soil::Rock
            ? null
            : $this->note('The damp-proof course is slate, on ground that moves.', remedy: Remedy::of(
                'Take polyethylene, felt, or sheet metal where it must outlast the building.', static fn (Design $d): Design => $d->with(
                    [
                        'dpc' => $d->dpc->but(
                            thickness: max($d->dpc->thickness, $s->stock->size(0.04, 1)),
                            kind: DpcKind::Polyethylene,
                            lap: max($d->dpc->lap, $s->stock->size(4, 100)),
                        ),
                    ],
                ),
            ));
    }
}
