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

final class BeamHasTwoMats extends Rule
{
    /** m: 16 in. */
    private const DEEP = 0.4;

    public function asks(): string
    {
        return 'A deep edge beam has bars at its foot and near its top.';
    }

    public function why(): string
    {
        return 'A beam over a soft spot bends down, over a hard one up: each wants its own bars.';
    }

    public function source(): string
    {
        return 'a double mat in an edge beam, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::EdgeSteel, Part::Beam];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return $d->stem->present() || ! $d->isNew(Part::Beam) || $d->edgeSteel->bar <= 0.0 || $d->edgeSteel->mats > 1.0
            || $d->edgeBeam->depth < self::DEEP ? null : $this->fix(
                'The beam is %1$s deep and has bars at its foot alone.', Measure::size($d->edgeBeam->depth), remedy: Remedy::of(
                    'Put in a second mat near its top.',
                    static fn (Design $d): Design => $d->with(['edgeSteel' => $d->edgeSteel->but(mats: 2.0)]),
                ),
            );
    }
}
