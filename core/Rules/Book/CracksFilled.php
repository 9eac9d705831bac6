<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Crack;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class CracksFilled extends Rule
{
    public function asks(): string
    {
        return 'Every crack of an old wall is chased and filled before it is covered.';
    }

    public function why(): string
    {
        return 'Behind boards nobody finds it again, and it goes on letting water through.';
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
        return [Part::Repairs];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $cracks = $d->lining->present() ? $d->repairs->cracks : [];
        $open = array_filter($cracks, static fn (Crack $c): bool => $c->chased === Done::No || $c->filled === Done::No);
        $unsaid = array_filter($cracks, static fn (Crack $c): bool => $c->chased === Done::NotSaid || $c->filled === Done::NotSaid);

        return match (true) {
            $open !== [] => $this->fix(
                count($open) === 1 ? 'One crack is not chased and filled.' : count($open).' cracks are not chased and filled.',
                remedy: Remedy::of('Chase and fill every crack first.', static fn (Design $d): Design => $d->with([
                    'repairs' => $d->repairs->but(cracks: array_map(
                        static fn (Crack $c): Crack => $c->but(chased: Done::Yes, filled: Done::Yes), $d->repairs->cracks,
                    )),
                ])),
            ),
            $unsaid !== [] => $this->notChecked('Whether every crack is chased and filled is not said.'),
            default => null,
        };
    }
}
