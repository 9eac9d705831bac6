<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\FloorFinish;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class GroundFloorFlat extends Rule
{
    /** An eighth of an inch, m. */
    private const MOST = 0.0032;

    public function asks(): string
    {
        return 'A slab that is the floor is flat enough to be ground evenly.';
    }

    public function why(): string
    {
        return 'Nothing on top takes up a hollow: what stands proud is ground to the stone, what lies low stays rough.';
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
        return [Part::Finish, Part::Slab];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $f = $s->design->finish;
        if ($f->kind !== FloorFinish::Ground) {
            return null;
        }
        if ($f->flatness <= 0.0) {
            return $this->notChecked('How flat the slab has to be is not said.', unsaid: 'finish.flatness_m');
        }
        $most = $s->stock->size(0.125, 3);

        return $f->flatness <= max($most, self::MOST) + 0.0001 ? null : $this->fix(
            'A gap of %1$s under 3 m is allowed; a slab to be ground wants %2$s.', Measure::size($f->flatness), Measure::size($most),
            Remedy::of(
                Said::of('Ask for %s, by a laser screed.', Measure::size($most)),
                static fn (Design $d): Design => $d->with(['finish' => $d->finish->but(flatness: $most)]),
            ),
        );
    }
}
