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
use Ondergrond\Site\GroundWater;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class FrostAwayFromWater extends Rule
{
    public function asks(): string
    {
        return 'Ground that may freeze under a shallow bearing holds no standing water.';
    }

    public function why(): string
    {
        return 'Ice lenses grow as long as water rises to them; without it the same frost heaves little.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Drains, Part::Stone];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $frost = $s->frost();
        $d = $s->design;
        $shallow = $frost->reason === null && ($frost->footingMargin() ?? 0.0) < 0.0;

        return ! $shallow || ! in_array(
            $s->site->water,
            [GroundWater::Damp, GroundWater::Pressing],
            true,
        ) || $d->drains->outer > 0.0 ? null : $this->note(
            'Water stands in ground that freezes to %1$s; the bearing lies at %2$s and no drain draws it down.',
            Measure::depth($frost->depth()), Measure::depth($frost->bearingDepth()),
            Remedy::of(
                'Lay a drain along the edge.',
                static fn (Design $d): Design => $d->with(['drains' => $d->drains->but(outer: $s->stock->size(4, 100))]),
            ),
        );
    }
}
