<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Section\Levels;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class FootingStandsProud extends Rule
{
    /** 6 in, m. */
    private const LEAST = 0.15;

    /** Stone over a footing that still drains, m. */
    private const OVER = 0.1;

    public function asks(): string
    {
        return 'The footing’s top stands 6 in (150 mm) above the dug floor.';
    }

    public function why(): string
    {
        return 'Only then does the stone fit beside it and the sheet pass over it.';
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
        return [Part::Footing, Part::Stone];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $above = Levels::footingAboveDig($d);
        $lack = self::LEAST - ($above ?? 0.0);
        // A bed so deep that it lies over the footing as well has its room there, and the sheet passes over both.
        $over = $s->at->bed - $s->at->stemFoot >= self::OVER - 0.005;

        return $above === null || $over || $s->isCrawlspace() || ! $d->hasRoomBelowGrade() || $lack <= 0.005 ? null : $this->fix(
            'The footing’s top stands %1$s above the dug floor; %2$s are wanted.', Measure::size($above), Measure::size(
                $s->stock->size(6, 150),
            ),
            Remedy::of(
                Said::of('Deepen the stone by %s.', Measure::size(ceil($lack * 200) / 200)),
                static fn (Design $d): Design => (new Companions($s->stock))->ofStone(
                    $d, $d->stone->thickness + ceil($lack * 200) / 200,
                ),
            ),
        );
    }
}
