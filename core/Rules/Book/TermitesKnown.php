<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Presence;
use Ondergrond\Verdict\Severity;

final class TermitesKnown extends Rule
{
    public function asks(): string
    {
        return 'Whether there are termites is known.';
    }

    public function why(): string
    {
        return 'They tunnel unseen in insulation, foam or wool alike, and codes forbid foam below grade where they are worst.';
    }

    public function source(): string
    {
        return 'IRC R318.4 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::EdgeOutside, Part::Form, Part::Shield];
    }

    public function weights(): array
    {
        return [Severity::Note, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! $d->edgeOutside->present() && ! $d->form->present()) {
            return null;
        }

        return match ($s->site->termites) {
            Presence::NotSaid => $this->notChecked(
                'Whether the site has termites is not said; insulation runs from the ground to the wall.',
                unsaid: 'site.termites',
            ),
            Presence::Yes => $this->note($s->hasFoamOutside()
                ? 'The site has termites: ask local code whether foam may stand below grade at all.'
                : 'The site has termites: they tunnel unseen behind the board as well; leave a strip where they can be seen.'),
            Presence::No => null,
        };
    }
}
