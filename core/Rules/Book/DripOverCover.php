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

final class DripOverCover extends Rule
{
    /** m. */
    private const LEAST = 0.01;

    public function asks(): string
    {
        return 'A drip stands out over cover and board.';
    }

    public function why(): string
    {
        return 'Without one the wall’s water runs behind the cover.';
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
        return [Part::Cover, Part::Shield];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $out = $d->shield->present() ? $d->shield->drip : 0.0;

        return ! $d->cover->present() || $out >= self::LEAST - 1e-6 ? null : $this->fix(
            $d->shield->present()
                ? 'The drip over the cover stands out %1$s; %2$s throw the water clear.'
                : 'No drip stands over the cover.',
            Measure::size($out), Measure::size($s->stock->size(0.375, 10)),
            Remedy::of(
                Said::of('Put a shield with a drip of %s over it.', Measure::size($s->stock->size(0.75, 20))),
                static fn (Design $d): Design => $d->with(
                    [
                        'shield' => $d->shield->but(
                            thickness: max($d->shield->thickness, $s->stock->size(0.02, 0.5)),
                            drip: $s->stock->size(0.75, 20),
                        ),
                    ],
                ),
            ),
        );
    }
}
