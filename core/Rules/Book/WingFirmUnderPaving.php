<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Material\Catalogue;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\GroundCover;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class WingFirmUnderPaving extends Rule
{
    /** 40 psi, kPa. */
    private const LEAST = 276.0;

    public function asks(): string
    {
        return 'Under paving a wing is 40 psi (276 kPa) or more.';
    }

    public function why(): string
    {
        return 'Wheels over a soft board break the paving and crush what should keep the frost out.';
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
        return [Part::Wing];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $strength = $d->wing->layer->material->strength;

        return ! $d->wing->present()
            || $s->site->frost->surface !== GroundCover::Paved
            || ($strength !== null && $strength >= self::LEAST - 0.5)
            ? null
            : $this->fix(
                'The ground over the wing is paved, and its board stands only %1$s; %2$s is wanted there.',
                Measure::pressure($strength ?? 0.0), Measure::pressure(self::LEAST),
                Remedy::of(
                    'Lay 40 psi (276 kPa) board.',
                    static fn (Design $d): Design => $d->with(
                        ['wing' => $d->wing->but(layer: $d->wing->layer->made(Catalogue::get('xps-40psi')))],
                    ),
                ),
            );
    }
}
