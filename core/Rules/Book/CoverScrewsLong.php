<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\CoverHeld;
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

final class CoverScrewsLong extends Rule
{
    public function asks(): string
    {
        return 'The screws of a cover reach through cover and foam into what holds them.';
    }

    public function why(): string
    {
        return 'A screw that ends in foam holds nothing.';
    }

    public function source(): string
    {
        return 'cover + foam + 1 1/4 in, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Cover, Part::EdgeOutside];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $into = $d->cover->held->embedment();
        if (! $d->isNew(Part::Cover) || $into === null) {
            return null;
        }
        // A form's webs stand near its face.
        $foam = $d->cover->held === CoverHeld::Webs ? 0.0 : $d->edgeOutside->layer->thickness + $d->form->outside;
        $least = $d->cover->layer->thickness + $foam + $into;
        if ($d->cover->screw <= 0.0) {
            return $this->notChecked('How long the cover’s screws are is not said.', unsaid: 'cover.screw_m');
        }
        $size = $s->stock->up($least);

        return $d->cover->screw >= $least - 0.001 ? null : $this->fix(
            'The cover’s screws are %1$s long; through cover and foam they want %2$s.', Measure::size($d->cover->screw),
            Measure::size($size), Remedy::of(
                Said::of('Take screws of %s.', Measure::size($size)),
                static fn (Design $d): Design => $d->with(['cover' => $d->cover->but(screw: $size)]),
            ),
        );
    }
}
