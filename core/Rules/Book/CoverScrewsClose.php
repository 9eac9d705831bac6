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

final class CoverScrewsClose extends Rule
{
    public function asks(): string
    {
        return 'The screws of a cover stand no farther apart than it spans.';
    }

    public function why(): string
    {
        return 'Between far screws the cover bellies and cracks.';
    }

    public function source(): string
    {
        return '8 in, 16 or 24 in allowed, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Cover];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $most = $s->stock->size($d->cover->isRender() ? 16 : 24, $d->cover->isRender() ? 400 : 600);

        return ! $d->isNew(Part::Cover) || $d->cover->held->embedment() === null || $d->cover->screwsApart <= $most + 0.012 ? null
            : $this->fix(
                'The cover’s screws stand %1$s apart; %2$s at most.', Measure::size($d->cover->screwsApart), Measure::size($most),
                Remedy::of(
                    Said::of('Set them %s apart.', Measure::size($most)),
                    static fn (Design $d): Design => $d->with(['cover' => $d->cover->but(screwsApart: $most)]),
                ),
            );
    }
}
