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

final class FibresAreNoBars extends Rule
{
    public function asks(): string
    {
        return 'Fibres are not taken for bars.';
    }

    public function why(): string
    {
        return 'Fibres hold small cracks together while the concrete is green; they carry no load across one.';
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
        return [Part::Mix, Part::Steel];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return $d->mix->fibres !== Done::Yes || $d->steel->present() || ! $d->isNew(Part::Slab) ? null : $this->note(
            'There are fibres in the concrete and no bars: fibres carry nothing across a crack.',
            remedy: Remedy::of('Lay bars.', static fn (Design $d): Design => $d->with(['steel' => $s->stock->steel()])),
        );
    }
}
