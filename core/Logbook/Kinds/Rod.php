<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;

/** A rod on something that was set out: the reading, and the height that the instrument saw at then, m. */
final class Rod implements Reader
{
    /** Nobody reads a rod finer than to the millimetre. */
    private const DIGITS = 3;

    public function reads(Entry $entry): Reading
    {
        if ($entry->drawn === null) {
            return new Reading(State::Kept, Said::of('nothing is drawn there'));
        }
        $level = ($entry->values[1] ?? 0.0) - ($entry->values[0] ?? 0.0);
        $off = $level - $entry->drawn;
        $word = match (true) {
            abs($off) < 0.0005 => 'as drawn',
            $off > 0.0 => '%s high',
            default => '%s low',
        };

        // A name may have a sign in it that a sentence takes for a place.
        $name = str_replace('%', '%%', $entry->about->place === '' ? $entry->about->point : $entry->about->place);

        return new Reading(
            $entry->min !== null && $entry->max !== null && ($level < $entry->min - 1e-6 || $level > $entry->max + 1e-6)
                ? State::Out : State::In,
            Said::of("{$name}: {$word}", ...($word === 'as drawn' ? [] : [Measure::size(round(abs($off), self::DIGITS))])),
        );
    }
}
