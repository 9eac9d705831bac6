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

final class SteelCloseEnough extends Rule
{
    /** 18 in, m. */
    private const MOST = 0.457;

    public function asks(): string
    {
        return 'The bars stand no farther apart than 18 in (450 mm), nor five slab thicknesses.';
    }

    public function why(): string
    {
        return 'Bars that stand wide let the crack between them open.';
    }

    public function source(): string
    {
        return 'ACI 318-14, 24.4.3.3 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Steel, Part::Slab];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $most = min(self::MOST, 5 * $d->slab->layer->thickness);

        return ! $d->steel->present() || ! $d->slab->present() || $d->steel->spacing <= $most + 0.005 ? null : $this->note(
            'The bars stand %1$s apart; at most %2$s is usual.', Measure::size($d->steel->spacing), Measure::size($most),
            Remedy::of(
                Said::of('Set them %s apart.', Measure::size($s->stock->size(16, 400))),
                static fn (Design $d): Design => $d->with(['steel' => $d->steel->but(spacing: min($most, $s->stock->size(16, 400)))]),
            ),
        );
    }
}
