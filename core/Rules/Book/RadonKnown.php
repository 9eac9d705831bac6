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

final class RadonKnown extends Rule
{
    public function asks(): string
    {
        return 'Whether the ground gives off radon is known.';
    }

    public function why(): string
    {
        return 'A vent pipe and a sealed sheet cost little before the pour and much after it.';
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
        return [Part::Sheet];
    }

    public function weights(): array
    {
        return [Severity::Note, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return match (true) {
            $s->site->radon === Presence::NotSaid => $this->notChecked('Whether the site has radon is not said.', unsaid: 'site.radon'),
            $s->site->radon === Presence::Yes => $this->note(
                'The site has radon: join the sheet to the wall and to the drains, and take a vent pipe above the roof.',
            ),
            default => null,
        };
    }
}
