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

final class WingDeepEnough extends Rule
{
    /** 6 in, m. */
    private const LEAST = 0.15;

    public function asks(): string
    {
        return 'A wing lies a spade deep or more.';
    }

    public function why(): string
    {
        return 'A wing that is nearly bare is walked on, dug up and blown away, and the frost goes round it.';
    }

    public function source(): string
    {
        return 'common practice, no source: 6 in (150 mm)';
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
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $least = $s->stock->size(10, 250);

        return ! $d->wing->present() || $d->wing->depth >= self::LEAST - 0.005 ? null : $this->fix(
            'The wing lies only %1$s deep; %2$s is the least that stays covered.', Measure::size($d->wing->depth),
            Measure::size($s->stock->size(6, 150)),
            Remedy::of(
                Said::of('Lay the wing %s deep.', Measure::size($least)),
                static fn (Design $d): Design => $d->with(['wing' => $d->wing->but(depth: $least)]),
            ),
        );
    }
}
