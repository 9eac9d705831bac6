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
use Ondergrond\Site\Presence;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class InspectionStripBare extends Rule
{
    /** m. */
    private const LEAST = 0.05;

    public function asks(): string
    {
        return 'Where there are termites a strip of wall below the sill stays without foam.';
    }

    public function why(): string
    {
        return 'They tunnel unseen in foam, and the strip is where the tunnels are found.';
    }

    public function source(): string
    {
        return '2 in and up, common practice, no source; local code may ask more';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Shield, Part::EdgeOutside, Part::Form, Part::EdgeInside];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $foam = ($d->isNew(Part::EdgeOutside) && $d->edgeOutside->layer->material->kind->isFoam()) || $d->isNew(Part::Form)
            || ($d->isNew(Part::Lining) && $d->hasRoomBelowGrade());
        $least = $s->stock->size(3, 75);

        if ($s->site->termites !== Presence::Yes || ! $foam || ! $s->hasWoodOnEdge()) {
            return null;
        }

        return $d->shield->strip >= self::LEAST - 0.001 ? null : $this->fix(
            'Foam runs up to the sill with a bare strip of %1$s; %2$s is wanted where there are termites.',
            Measure::size($d->shield->strip),
            Measure::size($least), Remedy::of(
                Said::of('Leave %s bare below the sill, under the shield.', Measure::size($least)),
                static fn (Design $d): Design => $d->with(['shield' => $d->shield->but(
                    thickness: max($d->shield->thickness, $s->stock->size(0.02, 0.5)), strip: $least,
                )]),
            ),
        );
    }
}
