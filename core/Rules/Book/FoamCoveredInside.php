<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Material\Catalogue;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class FoamCoveredInside extends Rule
{
    public function asks(): string
    {
        return 'Foam towards a room has a thermal barrier over it.';
    }

    public function why(): string
    {
        return 'Foam burns fast with thick smoke: the cover buys the minutes to get out. What may stay bare depends on product and code.';
    }

    public function source(): string
    {
        return 'IRC R316.4, ½ in gypsum board or equal (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Lining, Part::Form, Part::EdgeInside];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        // A crawlspace is asked about by a rule of its own.
        if (! $d->hasRoomBelowGrade() || ($d->deck->present() && $s->isCrawlspace())) {
            return null;
        }
        $first = $s->at->lining ? array_values(
            array_filter($d->lining->layers, static fn (Layer $l): bool => $l->present()),
        )[0] ?? null : ($d->form->inside > 0.0 ? $d->form->inner() : null);
        $cover = Layer::of(Catalogue::get('gypsum-board'), $s->stock->size(0.5, 12.5));
        $remedy = Remedy::of(
            Said::of('Put %s of gypsum board over it.', Measure::size($cover->thickness)),
            static fn (Design $d): Design => $d->with(['lining' => $d->lining->but(layers: [$cover, ...$d->lining->layers])]),
        );

        return match (true) {
            $first === null, ! $first->material->kind->isFoam() => null,
            $first->material->slug === 'pir-foil' => $this->notChecked(
                'Foil-faced board is towards the room. Whether its foil stands for a cover depends on product and code: ask.',
            ),
            default => $this->fix('Foam is bare towards the room.', remedy: $remedy),
        };
    }
}
