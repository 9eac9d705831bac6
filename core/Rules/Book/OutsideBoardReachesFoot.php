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

final class OutsideBoardReachesFoot extends Rule
{
    public function asks(): string
    {
        return 'The outside board covers the beam to its foot.';
    }

    public function why(): string
    {
        return 'Where the board stops, concrete stands bare in the ground, and heat goes round the end.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::EdgeOutside, Part::Beam];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $foot = -$s->at->foot + $d->edgeUnder->thickness;
        $depth = $d->edgeOutside->depthBelowGrade;

        return $d->stem->present() || ! $d->edgeOutside->present() || $depth >= $foot - 0.05 ? null : $this->fix(
            $d->edgeUnder->present()
                ? 'The outside board ends %1$s below the ground, the board under the beam at %2$s.'
                : 'The outside board ends %1$s below the ground, the beam’s foot lies at %2$s.',
            Measure::size($depth), Measure::size($foot),
            Remedy::of(
                'Take the board down to the foot.',
                static fn (Design $d): Design => $d->with(['edgeOutside' => $d->edgeOutside->but(depthBelowGrade: $foot)]),
            ),
        );
    }
}
