<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Measure;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Said;
use Ondergrond\Rules\Subject;

final class WallStandsOnFooting extends Rule
{
    public function asks(): string
    {
        return 'A stem or basement wall stands on a footing.';
    }

    public function why(): string
    {
        return 'The wall alone is a knife in soft ground.';
    }

    public function source(): string
    {
        return 'IRC R403.1 (from memory)';
    }

    public function parts(): array
    {
        return [Part::Footing, Part::Stem];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->stem->present() || $d->footing->present() ? null : $this->note('The wall stands on the ground without a footing.', remedy: Remedy::of(
            Said::of('Cast a footing %s wide.', Measure::size($s->stock->size(16, 400))), static fn (Design $d): Design => $d->with(['footing' => $d->footing->but(width: $s->stock->size(16, 400))]),
        ));
    }
}
