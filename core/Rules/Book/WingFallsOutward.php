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

final class WingFallsOutward extends Rule
{
    /** 2 %. */
    private const FALL = 0.02;

    public function asks(): string
    {
        return 'A wing falls away from the building.';
    }

    public function why(): string
    {
        return 'Water that runs down to a level board stands against the edge.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Wing];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $least = self::FALL * $d->wing->width;

        return ! $d->wing->present() || $d->wing->fall >= $least - 1e-6 ? null : $this->note(
            'The wing falls %1$s over its width; %2$s sheds water.', Measure::size($d->wing->fall), Measure::size($least),
            Remedy::of(
                Said::of('Let the wing fall %s.', Measure::size(ceil($least * 100) / 100)),
                static fn (Design $d): Design => $d->with(['wing' => $d->wing->but(fall: ceil($least * 100) / 100)]),
            ),
        );
    }
}
