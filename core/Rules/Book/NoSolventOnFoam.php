<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\MembraneKind;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class NoSolventOnFoam extends Rule
{
    public function asks(): string
    {
        return 'Nothing with bitumen or solvent touches polystyrene.';
    }

    public function why(): string
    {
        return 'It dissolves the foam behind the backfill, where nobody sees it.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Membrane, Part::EdgeOutside, Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! $d->membrane->present() || ! $s->hasPolystyreneOutside()) {
            return null;
        }
        $remedy = Remedy::of(
            'Take a self-adhered sheet made for foam.',
            static fn (Design $d): Design => $d->with(['membrane' => $d->membrane->but(kind: MembraneKind::Sheet)]),
        );

        return match (true) {
            $d->membrane->kind->dissolvesFoam() => $this->stop(
                'The '.$d->membrane->kind->label().' touches polystyrene and dissolves it.',
                remedy: $remedy,
            ),
            $d->membrane->kind === MembraneKind::NotSaid => $this->notChecked(
                'What the membrane is made of is not said; it touches polystyrene.',
                unsaid: 'membrane.kind',
            ),
            default => null,
        };
    }
}
