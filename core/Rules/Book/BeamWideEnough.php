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

final class BeamWideEnough extends Rule
{
    /** m. */
    private const LEAST = 0.295;

    public function asks(): string
    {
        return 'A beam or footing is 12 in (300 mm) wide or more.';
    }

    public function why(): string
    {
        return 'Narrower ones tip and break, and leave no room for the bars.';
    }

    public function source(): string
    {
        return 'IRC R403.1 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Beam, Part::Footing];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        [$width, $said] = $d->stem->present() ? [$d->footing->width, 'footing'] : [$d->edgeBeam->width, 'beam'];

        return $width <= 0.0 || $width >= self::LEAST ? null : $this->fix(
            "The {$said} is %1\$s wide; %2\$s is the least.", Measure::size($width), Measure::size($s->stock->size(12, 300)),
            Remedy::of(Said::of(
                "Make the {$said} %s wide.",
                Measure::size($s->stock->size(12, 300)),
            ), static fn (Design $d): Design => $d->with($d->stem->present()
                ? ['footing' => $d->footing->but(width: $s->stock->size(12, 300))]
                : ['edgeBeam' => $d->edgeBeam->but(width: $s->stock->size(12, 300))])),
        );
    }
}
