<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\FinishArea;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class FinishAreasFit extends Rule
{
    public function asks(): string
    {
        return 'The areas that end in something else are no larger than the floor.';
    }

    public function why(): string
    {
        return 'What is ordered for more floor than there is comes out of somebody’s pocket.';
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
        return [Part::Finish];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $sum = array_sum(array_map(static fn (FinishArea $a): float => $a->area, $s->design->finish->areas));

        return $sum <= $s->design->footprint->area + 0.05 ? null : $this->fix(
            'The areas that differ come to %1$s together; the floor is %2$s.', Measure::of($sum, Quantity::Area),
            Measure::of($s->design->footprint->area, Quantity::Area),
        );
    }
}
