<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\CableDays;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class CableDaysSaid extends Rule
{
    public function asks(): string
    {
        return 'It is said on which days cable and on which days pipes heat the floor.';
    }

    public function why(): string
    {
        return 'Two sources on one slab without a rule heat against each other and pay for it twice.';
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
        return [Part::Heating];
    }

    public function weights(): array
    {
        return [Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $h = $s->design->heating;

        return $h->hasBoth() && $h->cableDays === CableDays::NotSaid
            ? $this->notChecked('On which days the cable heats is not said.', unsaid: 'heating.cable_when') : null;
    }
}
