<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Said;

/** So many of something. */
final class Count implements Reader
{
    public function reads(Entry $entry): Reading
    {
        $value = (int) round($entry->values[0] ?? 0.0);
        $wanted = $entry->min === null ? null : (int) round($entry->min);

        return match (true) {
            $entry->max !== null => new Reading(
                $value > $entry->max ? State::Out : State::In, Said::of("{$value}; at most ".round($entry->max)),
            ),
            $wanted === null => new Reading(State::Kept, Said::of((string) $value)),
            $value < $wanted => new Reading(State::Out, Said::of("{$value}; {$wanted} are drawn")),
            default => new Reading(State::In, Said::of("{$value} of {$wanted}")),
        };
    }
}
