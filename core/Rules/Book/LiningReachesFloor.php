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

final class LiningReachesFloor extends Rule
{
    /** For a sealant joint, m. */
    private const MOST = 0.02;

    public function asks(): string
    {
        return 'The inside lining goes down to the floor.';
    }

    public function why(): string
    {
        return 'A foot of bare wall above the floor is the coldest part of it, where water condenses first.';
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
        return [Part::Lining];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->lining->present() || $d->lining->gapAboveFloor <= self::MOST ? null : $this->fix(
            'The lining stops %1$s above the floor.', Measure::size($d->lining->gapAboveFloor), Measure::size($s->stock->size(0.75, 20)),
            Remedy::of(
                'Take the lining down to the floor.',
                static fn (Design $d): Design => $d->with(['lining' => $d->lining->but(gapAboveFloor: 0.0)]),
            ),
        );
    }
}
