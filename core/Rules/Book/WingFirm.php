<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Material\Catalogue;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Measure;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;

final class WingFirm extends Rule
{
    /** kPa. */
    private const LEAST = 170.0;

    public function asks(): string
    {
        return 'A wing is 25 psi (172 kPa) board or more, and does not soak up water.';
    }

    public function why(): string
    {
        return 'Backfill, wheels and frost stand on it for good, in the wettest ground there is.';
    }

    public function source(): string
    {
        return 'common practice, no source; IRC R403.3 lists EPS and XPS types (from memory)';
    }

    public function parts(): array
    {
        return [Part::Wing];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $strength = $d->wing->layer->material->strength;

        return ! $d->wing->present() || ($strength ?? 0.0) >= self::LEAST ? null : $this->fix(
            'The wing’s board stands %1$s, %2$s is wanted in the ground.', Measure::pressure($strength ?? 0.0), Measure::pressure(self::LEAST),
            Remedy::of('Make the wing of 25 psi (173 kPa) extruded board.', static fn (Design $d): Design => $d->with(['wing' => $d->wing->but(layer: $d->wing->layer->made(Catalogue::get('xps-25psi')))])),
        );
    }
}
