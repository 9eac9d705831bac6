<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class LedgeOverGround extends Rule
{
    public function asks(): string
    {
        return 'A ledge for brick stands over the ground and as wide as the brick.';
    }

    public function why(): string
    {
        return 'Below the ground its brick soaks; narrower, it hangs over.';
    }

    public function source(): string
    {
        return 'IRC R703.8.5 and R606, 6 in over the ground, at most a third of the brick over its support (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $wide = $s->stock->size(4, 100);
        if (! $d->isNew(Part::Form) || $d->form->ledge <= 0.0 || ($d->form->ledge >= 0.066 && $d->form->ledgeHeight >= 0.1)) {
            return null;
        }
        $high = $s->stock->size(6, 150);

        return $this->fix(
            'The brick ledge stands out %1$s, its top %2$s over the ground.', Measure::size($d->form->ledge),
            Measure::size($d->form->ledgeHeight), Remedy::of(
                Said::of('Make it %s wide, %s over the ground.', Measure::size($wide), Measure::size($high)),
                static fn (Design $d): Design => $d->with(['form' => $d->form->but(
                    ledge: max($wide, $d->form->ledge), ledgeHeight: max($high, $d->form->ledgeHeight),
                )]),
            ),
        );
    }
}
