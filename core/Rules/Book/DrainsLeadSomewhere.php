<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\DrainOutlet;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class DrainsLeadSomewhere extends Rule
{
    public function asks(): string
    {
        return 'Drains lead to daylight or to a sump.';
    }

    public function why(): string
    {
        return 'A drain without an end is a ring of water round the footing.';
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
        return [Part::Drains];
    }

    public function weights(): array
    {
        return [Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return ! $d->drains->present() || $d->drains->outlet !== DrainOutlet::NotSaid
            ? null
            : $this->notChecked('Where the drains lead is not said.', unsaid: 'drains.outlet');
    }
}
