<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\GasOutlet;
use Ondergrond\Design\Part;
use Ondergrond\Design\SoilGas;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Presence;
use Ondergrond\Verdict\Severity;

final class GasCollected extends Rule
{
    public function asks(): string
    {
        return 'On ground with radon a pipe in the stone gathers soil gas under the sheet.';
    }

    public function why(): string
    {
        return 'With it a fan can be set on any day; without it the floor has to be opened.';
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
        return [Part::Gas, Part::Sheet, Part::Stone];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return $s->site->radon !== Presence::Yes || ! $d->slab->present() || $d->gas->present() || $d->drains->gathersGas()
            ? null
            : $this->fix('No pipe gathers soil gas under the sheet.', remedy: Remedy::of(
                'Lay a perforated pipe in the stone, brought up above the roof.', static fn (Design $d): Design => $d->with(
                    ['gas' => new SoilGas($s->stock->size(4, 100), GasOutlet::Roof)],
                ),
            ));
    }
}
