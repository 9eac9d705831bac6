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

final class StoneUnderShallowBearing extends Rule
{
    public function asks(): string
    {
        return 'A shallow bearing stands on clean stone.';
    }

    public function why(): string
    {
        return 'Stone does not heave, takes the first frost that gets there and lets water go.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Stone, Part::Beam];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $frost = $s->frost();
        $d = $s->design;

        return $frost->reason !== null || ($frost->footingMargin() ?? 0.0) >= 0.0 || $d->stem->present() || $d->stone->present()
            ? null
            : $this->fix(
                'The shallow edge stands on ground that heaves, without stone between.',
                remedy: Remedy::of(
                    'Bed it on clean crushed stone.',
                    static fn (Design $d): Design => $d->with(['stone' => $s->stock->layer('crushed-stone', 6, 150)]),
                ),
            );
    }
}
