<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\WinterUse;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class FirstWinterWarm extends Rule
{
    public function asks(): string
    {
        return 'A shallow foundation does not stand a winter without heat.';
    }

    public function why(): string
    {
        return 'Walls up and no heat on is when most shallow foundations freeze; straw or blankets over slab and wing hold for a while.';
    }

    public function source(): string
    {
        return 'the design winter without heat on the section as drawn; common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Beam, Part::Wing];
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
        $proof = $s->frost()->closest(WinterUse::Unheated);

        return $proof === null || $s->frost()->reason !== null || $s->site->frost->use === WinterUse::Unheated || $proof->margin >= 0.0
            ? null
            : $this->note(
                'Left without heat through a winter, frost goes %1$s into the ground under the bearing: cover it or keep it warm until '
                    .'the house is.',
                Measure::depth(-$proof->margin),
            );
    }
}
