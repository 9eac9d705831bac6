<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class TallWallsTied extends Rule
{
    /** m: 4 ft. */
    private const EARTH = 1.22;

    public function asks(): string
    {
        return 'A tall wall is tied to its footing and has bars of its own.';
    }

    public function why(): string
    {
        return 'Unreinforced, a wall with more than four feet of earth against it cracks along the middle.';
    }

    public function source(): string
    {
        return 'International Residential Code 2021, R404.1.3 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::EdgeSteel, Part::Stem];
    }

    public function weights(): array
    {
        return [Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $earth = $s->at->grade - $s->at->floor;

        return $d->isNew(Part::Stem) && $d->hasRoomBelowGrade() && $earth > self::EARTH && $d->edgeSteel->wallBar <= 0.0
            ? $this->notChecked(
                '%1$s of earth lean on the wall and nothing is said of bars in it: an engineer gives them.', Measure::size($earth),
                'edge_steel.wall_bar_m',
            ) : null;
    }
}
