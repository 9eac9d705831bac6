<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class CrawlspaceVents extends Rule
{
    /** m²/m. */
    private const LEAST = 0.0015;

    public function asks(): string
    {
        return 'A vented crawlspace has 1500 mm² of openings for a metre of wall.';
    }

    public function why(): string
    {
        return 'Too few, and the deck rots; damp air needs a way through.';
    }

    public function source(): string
    {
        return 'common practice, no source; older building rules ask for it';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Space];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->deck->present() || $d->space->kind !== Below::Vented || $d->space->vents >= self::LEAST - 1e-6 ? null : $this->fix(
            'The openings are %1$s; %2$s is the least.', Measure::of(
                $d->space->vents,
                Quantity::Openings,
            ), Measure::of(self::LEAST, Quantity::Openings),
            Remedy::of(
                'Make the openings that large.',
                static fn (Design $d): Design => $d->with(['space' => $d->space->but(vents: self::LEAST)]),
            ),
        );
    }
}
