<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Bond;
use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Material\Kind;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class GlueSparesFoam extends Rule
{
    public function asks(): string
    {
        return 'Polystyrene is glued to a wall without solvent.';
    }

    public function why(): string
    {
        return 'Solvent eats the foam behind the board’s face, and what is glued comes off.';
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
        return [Part::Lining];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $foam = $s->at->lining && array_filter(
            $d->lining->layers, static fn (Layer $l): bool => $l->present() && $l->material->kind === Kind::Polystyrene,
        ) !== [];

        return match (true) {
            ! $foam => null,
            $d->lining->bond === Bond::Solvent => $this->stop('Glue with solvent touches polystyrene and dissolves it.', remedy: Remedy::of(
                'Take glue without solvent, in dabs.',
                static fn (Design $d): Design => $d->with(['lining' => $d->lining->but(bond: Bond::Dabs)]),
            )),
            $d->lining->bond === Bond::NotSaid => $this->notChecked(
                'What holds the polystyrene on the wall is not said.', unsaid: 'lining.bond',
            ),
            default => null,
        };
    }
}
