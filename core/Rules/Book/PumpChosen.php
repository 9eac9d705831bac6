<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\DrainOutlet;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class PumpChosen extends Rule
{
    public function asks(): string
    {
        return 'A drain that ends in a sump has a pump chosen for what comes.';
    }

    public function why(): string
    {
        return 'A pump that is too small floods in the one hour it is there for; one that is too large wears out starting.';
    }

    public function source(): string
    {
        return 'Dupuit and Sichardt for the ground (from memory); rain, reserve and starts are common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Drains];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $duty = $s->damp()->duty;

        return $duty === null || $s->design->drains->outlet !== DrainOutlet::Sump ? null : $this->note(
            'The sump wants a pump of %1$s at a head of %2$s, with an alarm and power when the mains are off.',
            Measure::of($duty->pump(), Quantity::Flow),
            Measure::of($duty->head(), Quantity::Length),
        );
    }
}
