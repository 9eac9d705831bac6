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
use Ondergrond\Verdict\Severity;

final class MembraneProtected extends Rule
{
    public function asks(): string
    {
        return 'Something stands between membrane and backfill.';
    }

    public function why(): string
    {
        return 'The first stones of the backfill tear a bare membrane, and nobody sees it.';
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
        return [Part::Membrane, Part::Drainage];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $bare = $d->membrane->present() && ! $d->drainage->present() && ! $d->edgeOutside->present();

        return ! $bare ? null : $this->fix('The membrane lies bare against the backfill.', remedy: Remedy::of(
            'Put a dimple membrane with filter over it.', static fn (Design $d): Design => $d->with(
                ['drainage' => $s->stock->drainage()],
            ),
        ));
    }
}
