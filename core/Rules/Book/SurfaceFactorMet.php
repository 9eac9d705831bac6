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

final class SurfaceFactorMet extends Rule
{
    public function asks(): string
    {
        return 'Every junction keeps its surface factor above what the rooms’ humidity needs.';
    }

    public function why(): string
    {
        return 'It tells how much of the step from outside to inside a surface has taken: too little, and it is cold enough for mould '
            .'whatever the winter.';
    }

    public function source(): string
    {
        return 'ISO 13788:2012, 5.3; ISO 10211 for the factor (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::EdgeInside, Part::EdgeOutside, Part::Threshold];
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
        $damp = $s->damp();
        $factor = $damp->factor();

        return $factor === null || $factor >= $damp->needed ? null : $this->note(
            'The lowest surface factor f is %1$s; the rooms need %2$s.',
            Measure::of($factor, Quantity::Ratio),
            Measure::of($damp->needed, Quantity::Ratio),
        );
    }
}
