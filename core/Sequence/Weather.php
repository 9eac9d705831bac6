<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

/**
 * Kinds of work by what weather stops them. Limits from memory of what is named, else common practice, no source; wind is
 * the mean at 2 m.
 */
enum Weather: string
{
    case Dig = 'dig';
    case Base = 'base';
    case Sheet = 'sheet';
    case Boards = 'boards';
    case Steel = 'steel';
    case Pipes = 'pipes';
    case Pour = 'pour';
    case Finish = 'finish';
    case Cure = 'cure';
    case Cut = 'cut';
    case Coat = 'coat';
    case SelfAdhered = 'self-adhered';
    case Glue = 'glue';
    case Tape = 'tape';
    case Backfill = 'backfill';
    case Render = 'render';
    case Screed = 'screed';
    case Boom = 'boom';

    public function limit(): string
    {
        return match ($this) {
            self::Dig => 'Digging: look at the trench again after rain; no work in it with water in it, in lightning, or after more than '
                .'15 mm of rain in a day on clay.',
            self::Base => 'Open base: +2 °C and dry; never on frozen or soft ground (ACI 306R); prove it again after 2 mm of rain.',
            self::Sheet => 'Sheet: wind to 3 m/s, from 3 to 5 weighted, above 5 or gusts above 8 not at all; +5 °C and dry.',
            self::Boards => 'Boards: wind to 5 m/s, from 5 to 8 weighted, above 8 or gusts above 12 not at all.',
            self::Steel => 'Steel: not in lightning; ice off before the pour.',
            self::Pipes => 'Pipes: +5 to 30 °C; below 0 not at all; no water test where any hour to the pour is below +2 °C.',
            self::Pour => 'Pour: air 5 to 30 °C; not below −5 without enclosure, on frozen ground or steel, or into more than 2 mm/h of rain '
                .'(ACI 306R, 305R, EN 13670).',
            self::Finish => 'Finishing: evaporation below 0.5 kg/m²h, from 1.0 not at all; half of that with ash or slag (ACI 305R).',
            self::Cure => 'Curing: 10 °C and more for 7 days; above 0 until 3.5 MPa (ACI 306R) or 5 MPa (EN 13670).',
            self::Cut => 'Cutting: as soon as edges do not ravel: early entry 1 to 4 h, wet or dry saw 4 to 12 h (ACI 302.1R).',
            self::Coat => 'Fluid coat: +4 °C, dry face, 3 K above the dew point; no rain for 12 to 24 h (the maker says).',
            self::SelfAdhered => 'Self-adhered sheet: +5 °C, dry; with primer of a cold grade to −4 °C (the maker says).',
            self::Glue => 'Glue and gun foam: 5 to 30 °C, dry (the maker says).',
            self::Tape => 'Tape: +5 °C, clean and dry (the maker says).',
            self::Backfill => 'Backfill: no frozen fill; the wall proved and held (IRC R404.1.7).',
            self::Render => 'Render: 5 to 30 °C for 48 h, no frost for 48 h, no rain for 24 h, shade (the maker says).',
            self::Screed => 'Screed: 5 to 30 °C for 3 days, closed building (EN 1264-4).',
            self::Boom => 'Pump boom: wind to 13 m/s, above 17 or in lightning not at all (the maker says).',
        };
    }
}
