<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\DriedAir;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Calendar;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class HumidAirKeptOff extends Rule
{
    public function asks(): string
    {
        return 'In the most humid spell of summer the room’s air does not sweat on floor and wall.';
    }

    public function why(): string
    {
        return 'Warm damp air that reaches cold concrete leaves its water there; airing a cellar in such a spell makes it wet.';
    }

    public function source(): string
    {
        return 'dew point against the section as drawn; the spell is common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Slab, Part::Stem];
    }

    public function hangsOnField(): bool
    {
        return true;
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function hangsOnClimate(): bool
    {
        return true;
    }

    public function judge(Subject $s): ?Finding
    {
        $worst = $s->damp()->sweats();

        return $worst === null || $worst[2] <= 0.0 ? null : $this->note(sprintf(
            'In a humid spell in %s the dew point is %%1$s over the %s, %s: keep it shut and dry the air then.',
            Calendar::MONTHS[$worst[1] - 1], $worst[0]->name, str_replace('-', ' ', $worst[0]->side),
        ), Measure::of($worst[2], Quantity::TemperatureDifference), answer: DriedAir::againstSweat($s));
    }
}
