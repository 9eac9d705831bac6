<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class FormAirtight extends Rule
{
    public function asks(): string
    {
        return 'From core to buck to liner to window one line holds the air.';
    }

    public function why(): string
    {
        return 'The core is tight; what leaks in a house of foam forms leaks round its openings.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Bucks];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! $d->isNew(Part::Form) || $d->bucks->openings !== Done::Yes) {
            return null;
        }
        $names = ['toCore' => 'between core and buck', 'toLiner' => 'between buck and liner', 'toWindow' => 'between liner and window'];
        $open = array_keys($d->bucks->line(), Done::No, true);

        return match (true) {
            $open !== [] => $this->fix(
                'The line that holds the air is open '.implode(' and ', array_map(static fn (string $o): string => $names[$o], $open)).'.',
                remedy: Remedy::of('Seal core, buck, liner and window to each other.', static fn (Design $d): Design => $d->with([
                    'bucks' => $d->bucks->but(toCore: Done::Yes, toLiner: Done::Yes, toWindow: Done::Yes),
                ])),
            ),
            in_array(Done::NotSaid, $d->bucks->line(), true) => $this->notChecked(
                'Whether core, buck, liner and window are sealed to each other is not said.',
            ),
            default => null,
        };
    }
}
