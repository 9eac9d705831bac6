<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class RimSealed extends Rule
{
    public function asks(): string
    {
        return 'The rim of a deck over a heated room is insulated and sealed.';
    }

    public function why(): string
    {
        return 'It is the thinnest wall in the house, and all of the room’s air gets to it between the joists.';
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
        return [Part::Deck];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! $d->deck->present() || ! $s->isHeated()) {
            return null;
        }
        $remedy = Remedy::of(
            'Cut foam board in between the joists and foam it in all round.',
            static fn (Design $d): Design => $d->with(
                ['deck' => $d->deck->but(rim: max($d->deck->rim, $s->stock->size(2, 50)), rimSealed: Done::Yes)],
            ),
        );

        return match (true) {
            $d->deck->rim <= 0.0 => $this->fix('The rim of the deck is bare.', remedy: $remedy),
            $d->deck->rimSealed === Done::No => $this->fix('The foam at the rim is not sealed round.', remedy: $remedy),
            $d->deck->rimSealed === Done::NotSaid => $this->notChecked(
                'Whether the foam at the rim is sealed is not said.',
                unsaid: 'deck.rim_sealed',
            ),
            default => null,
        };
    }
}
