<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Behind;
use Ondergrond\Design\BehindKind;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Material\Kind;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class FeltOffFoam extends Rule
{
    public function asks(): string
    {
        return 'No bituminous felt touches polystyrene behind a cover.';
    }

    public function why(): string
    {
        return 'Its oils dissolve the foam: within a summer there is a hollow where the board was.';
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
        return [Part::Cover, Part::EdgeOutside, Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Stop];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $foam = $d->edgeOutside->present() ? $d->edgeOutside->layer->material->kind === Kind::Polystyrene : $d->form->outside > 0.0;

        return ! $d->cover->present() || ! $foam || ($d->cover->kinds()[0] ?? null) !== BehindKind::Felt ? null : $this->stop(
            'Bituminous felt lies on polystyrene behind the cover.', remedy: Remedy::of(
                'Put a synthetic wrap between them.', static fn (Design $d): Design => $d->with([
                    'cover' => $d->cover->but(behind: [new Behind(BehindKind::Wrap, Done::Yes), ...$d->cover->behind]),
                ]),
            ),
        );
    }
}
