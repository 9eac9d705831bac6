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
use Ondergrond\Verdict\Severity;

final class DeckInsulated extends Rule
{
    public function asks(): string
    {
        return 'A deck over outside air or an unheated space is insulated.';
    }

    public function why(): string
    {
        return 'The space below is nearly as cold as outdoors.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Deck, Part::Space];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $insulated = array_filter($d->deck->layers, static fn (Layer $l): bool => $l->insulates()) !== [];

        return ! $d->deck->present() || $s->isHeated() || $insulated
            ? null
            : $this->fix('Nothing insulates the deck over the unheated space.', remedy: Remedy::of(
                'Fill the joists with mineral wool.', static fn (Design $d): Design => $d->with(
                    [
                        'deck' => $d->deck->but(
                            layers: array_map(
                                static fn (Layer $l): Layer => $l->material->slug === 'joists-air'
                                    ? $l->made(Catalogue::get('joists-wool'))
                                    : $l,
                                $d->deck->layers,
                            ),
                        ),
                    ],
                ),
            ));
    }
}
