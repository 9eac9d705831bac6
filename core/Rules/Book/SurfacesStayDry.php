<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Damp\Surface;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\DriedAir;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Rules\WarmerFace;
use Ondergrond\Site\Calendar;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class SurfacesStayDry extends Rule
{
    public function asks(): string
    {
        return 'Air at the rooms’ surfaces stays below 80 % humidity in every month.';
    }

    public function why(): string
    {
        return 'Mould needs no water, only damp air at a cold face for weeks.';
    }

    public function source(): string
    {
        return 'ISO 13788:2012, 5 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::EdgeInside, Part::EdgeOutside, Part::Lining];
    }

    public function hangsOnField(): bool
    {
        return true;
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::Note];
    }

    public function hangsOnClimate(): bool
    {
        return true;
    }

    public function judge(Subject $s): ?Finding
    {
        $winter = $s->damp()->mouldyInWinter();
        $surface = $winter ?? $s->damp()->dampest();
        if ($surface === null || $surface->share() <= 1.0) {
            return null;
        }
        $month = $surface->worstMonth();
        $said = sprintf(
            'At the %s, %s, the air holds %%1$s in %s; %%2$s is the most.',
            $surface->name,
            str_replace('-', ' ', $surface->side),
            Calendar::MONTHS[$month - 1],
        );
        $measures = [Measure::of($surface->humidity[$month - 1], Quantity::Share), Measure::of(Surface::LIMIT, Quantity::Share)];

        // What helps is tried by fields, which a first look does not wait for.
        $tries = $s->proposes && $s->field?->isRough() === false;

        return $winter !== null
            ? $this->fix($said, ...[...$measures, $tries ? WarmerFace::remedy($s) : null], answer: DriedAir::answer($s))
            : $this->note(
                rtrim($said, '.').'. Only in summer: cool and dry the rooms, or a warmer face.', ...$measures, answer: DriedAir::answer($s),
            );
    }
}
