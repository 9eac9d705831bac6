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
use Ondergrond\Site\Presence;
use Ondergrond\Verdict\Severity;

final class PestShield extends Rule
{
    public function asks(): string
    {
        return 'A metal shield lies over the top of outside insulation.';
    }

    public function why(): string
    {
        return 'It closes the hidden way from the ground into the wall, and guards the edge during the build.';
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
        return [Part::Shield, Part::EdgeOutside, Part::Form];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $outside = $d->edgeOutside->present() || $d->form->outside > 0.0;
        if (! $outside || $d->shield->present() || $d->hasRoomBelowGrade() && $s->outsideAboveGrade() <= 0.0) {
            return null;
        }
        $remedy = Remedy::of(
            'Put a metal shield over it, sealed to the concrete.',
            static fn (Design $d): Design => $d->with(['shield' => $d->shield->but(thickness: $s->stock->size(0.02, 0.5))]),
        );

        return $s->site->termites === Presence::Yes ? $this->stop(
            'Termites, and no shield over the outside insulation.',
            remedy: $remedy,
        ) : $this->note('No shield lies over the outside insulation.', remedy: $remedy);
    }
}
