<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Behind;
use Ondergrond\Design\CoverBacking;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class LayersShedWater extends Rule
{
    public function asks(): string
    {
        return 'Behind a cover each layer laps outside the one below it.';
    }

    public function why(): string
    {
        return 'Water runs down: a lap that opens upward leads it to the foam and the wood.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Cover];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $layers = $d->isNew(Part::Cover) && $d->cover->backing === CoverBacking::Layers
            ? array_filter($d->cover->behind, static fn (Behind $b): bool => $b->kind->shedsWater()) : [];
        foreach ($layers as $layer) {
            if ($layer->lapped === Done::No) {
                return $this->fix("The {$layer->kind->label()} behind the cover is lapped the wrong way.", remedy: Remedy::of(
                    'Lap the upper outside the lower.', static fn (Design $d): Design => $d->with(['cover' => $d->cover->but(
                        behind: array_map(static fn (Behind $b): Behind => $b->but(lapped: Done::Yes), $d->cover->behind),
                    )]),
                ));
            }
        }

        return array_filter($layers, static fn (Behind $b): bool => $b->lapped === Done::NotSaid) === [] ? null
            : $this->notChecked('How the layers behind the cover lap is not said.');
    }
}
