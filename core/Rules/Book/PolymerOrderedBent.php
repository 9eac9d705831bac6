<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\BarMaterial;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class PolymerOrderedBent extends Rule
{
    public function asks(): string
    {
        return 'Corners and hooks of fibre-polymer bars are ordered bent.';
    }

    public function why(): string
    {
        return 'Polymer breaks where it is bent on site.';
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
        return [Part::Steel, Part::EdgeSteel];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return $d->steel->made !== BarMaterial::Polymer || ! ($d->isNew(Part::Steel) || $d->isNew(Part::EdgeSteel)) ? null : $this->note(
            'The bars are of fibre polymer: corners, hooks and bent dowels are ordered as they are, none is bent on site, and an engineer '
                .'agrees to them.',
        );
    }
}
