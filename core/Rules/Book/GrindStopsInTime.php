<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Exposure;
use Ondergrond\Design\FloorFinish;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class GrindStopsInTime extends Rule
{
    private const FINEST = 400.0;

    public function asks(): string
    {
        return 'A slab that is the floor is ground just through its skin, and no finer than holds a foot.';
    }

    public function why(): string
    {
        return 'Deeper shows the coarse stone; finer than 400 is slippery when wet and shows every high spot.';
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
        return [Severity::Note, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $f = $s->design->finish;
        if ($f->kind !== FloorFinish::Ground) {
            return null;
        }
        if ($f->exposure === Exposure::Coarse || $f->grit > self::FINEST) {
            return $this->note(
                $f->exposure === Exposure::Coarse ? 'The slab is ground down to the coarse stone: it shows wherever a spot was high.'
                    : 'The slab is ground finer than 400: wet, it is slippery.',
                remedy: Remedy::of('Grind just through the skin, and stop at 400.', static fn (Design $d): Design => $d->with([
                    'finish' => $d->finish->but(exposure: Exposure::Fine, grit: self::FINEST),
                ])),
            );
        }

        return $f->exposure === Exposure::NotSaid
            ? $this->notChecked('How deep the slab is ground is not said.', unsaid: 'finish.exposure') : null;
    }
}
