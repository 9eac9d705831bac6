<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;

/** The strength printed on a board (ASTM C578 type, EN 13163 CS(10)); without a label it is unrated. */
final class Rating implements Reader
{
    public function reads(Entry $entry): Reading
    {
        $value = $entry->values[0] ?? null;

        return match (true) {
            $value === null => new Reading(State::Out, Said::of('no label: unrated')),
            $entry->min === null => new Reading(State::Kept, Said::of('%s on the label', Measure::pressure($value))),
            // A type's printed strength is rounded: 172 for 25 psi.
            $value < $entry->min - 1.5 => new Reading(
                State::Out, Said::of('%s on the label; at least %s', Measure::pressure($value), Measure::pressure($entry->min)),
            ),
            default => new Reading(
                State::In, Said::of('%s on the label; at least %s', Measure::pressure($value), Measure::pressure($entry->min)),
            ),
        };
    }
}
