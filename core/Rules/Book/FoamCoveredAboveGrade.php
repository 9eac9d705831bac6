<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class FoamCoveredAboveGrade extends Rule
{
    public function asks(): string
    {
        return 'Foam above the ground is covered.';
    }

    public function why(): string
    {
        return 'Sun, mowers and mice eat it; left bare it is gone in a few years.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Cover, Part::EdgeOutside, Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $s->hasFoamOutside() || $s->outsideAboveGrade() < 0.01 || $d->cover->present() ? null : $this->fix(
            '%1$s of foam stand bare above the ground.', Measure::size($s->outsideAboveGrade()), null,
            Remedy::of(
                Said::of('Cover it with %s of cement board under a drip.', Measure::size($s->stock->size(0.5, 12))),
                (new Companions($s->stock))->ofFoam(...),
            ),
        );
    }
}
