<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class JunctionIsSmall extends Rule
{
    /** Share of the floor’s own. */
    private const MOST = 0.25;

    public function asks(): string
    {
        return 'What the junction of floor and wall adds is small beside the floor.';
    }

    public function why(): string
    {
        return 'The formula’s U leaves the junction out; where it is large, the verdict on U alone flatters the design.';
    }

    public function source(): string
    {
        return 'ISO 13370:2007, 9.1; ISO 10211; the share is common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::EdgeOutside, Part::EdgeInside, Part::EdgeUnder];
    }

    public function hangsOnField(): bool
    {
        return true;
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if ($s->field === null) {
            return null;
        }
        $formula = $s->field->formula->steadyCoefficient;
        $extra = $s->field->steadyCoefficient - $formula;

        return $extra <= self::MOST * $formula ? null : $this->note(
            'The junctions add %1$s to the %2$s that the formula finds for the floor.', Measure::of($extra, Quantity::HeatLoss),
            Measure::of($formula, Quantity::HeatLoss),
        );
    }
}
