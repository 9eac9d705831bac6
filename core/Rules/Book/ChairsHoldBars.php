<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Chairs;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class ChairsHoldBars extends Rule
{
    public function asks(): string
    {
        return 'What holds the bars of a slab stands on boards without sinking in.';
    }

    public function why(): string
    {
        return 'Wire feet go through foam and sheet, and bars that are pulled up in the pour end at the bottom.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Steel];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $on = $d->fieldBoard->present();
        $chairs = $d->steel->chairs;
        if (! $d->isNew(Part::Steel) || ! in_array($chairs, $on ? [Chairs::Wire, Chairs::Pulled] : [Chairs::Pulled], true)) {
            return null;
        }

        return $this->fix(
            $chairs === Chairs::Pulled ? 'The bars are to be pulled up in the pour: they end where they lay.'
                : 'Wire chairs stand on boards: their feet go through foam and sheet.',
            remedy: Remedy::of('Hold them by plastic chairs with a plate, or blocks.', static fn (Design $d): Design => $d->with([
                'steel' => $d->steel->but(chairs: $on ? Chairs::Pinned : Chairs::Blocks),
            ])),
        );
    }
}
