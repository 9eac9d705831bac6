<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** A length between two corners: as it is at the temperature that tapes are marked at, and the tape's own, °C. */
final class Tape implements Reader
{
    public function reads(Entry $entry): Reading
    {
        $point = str_replace('%', '%%', $entry->about->point);
        $m = $entry->values[0] ?? 0.0;
        if ($entry->drawn === null || $entry->min === null || $entry->max === null) {
            return new Reading(State::Kept, Said::of("{$point}: %s", Measure::of($m, Quantity::Length)));
        }
        $off = $m - $entry->drawn;
        $word = match (true) {
            abs($off) < 0.0005 => '',
            $off > 0.0 => ', %s longer than drawn',
            default => ', %s shorter than drawn',
        };

        return new Reading(
            $m < $entry->min - 1e-9 || $m > $entry->max + 1e-9 ? State::Out : State::In,
            Said::of("{$point}: %s{$word}", ...[
                Measure::of($m, Quantity::Length), ...($word === '' ? [] : [Measure::size(abs($off))]),
            ]),
        );
    }
}
