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
use Ondergrond\Verdict\Severity;

final class BoardBevelled extends Rule
{
    public function asks(): string
    {
        return 'The board inside a beam is bevelled at its foot.';
    }

    public function why(): string
    {
        return 'At 45° the concrete flows under and the beam keeps its bearing width.';
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
        return [Part::EdgeInside, Part::Beam];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return $d->stem->present() || ! $d->edgeInside->present() || $d->edgeInside->bevel > 0.0 || $d->edgeInside->layer->thickness < 0.05
            ? null
            : $this->note('The board inside the beam has a square foot: concrete hangs up on it.', remedy: Remedy::of(
                'Bevel its foot at 45°.', static fn (Design $d): Design => $d->with(
                    ['edgeInside' => $d->edgeInside->but(bevel: min($d->edgeInside->layer->thickness, $s->stock->size(2, 50)))],
                ),
            ));
    }
}
