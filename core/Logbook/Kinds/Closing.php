<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;

/** The benchmark read again: the rod, and the height that the instrument was taken to see at, m. Its level is what was drawn. */
final class Closing implements Reader
{
    public function reads(Entry $entry): Reading
    {
        $error = ($entry->values[1] ?? 0.0) - ($entry->values[0] ?? 0.0) - (float) $entry->drawn;
        $limit = (float) $entry->max - (float) $entry->drawn;
        $isOut = abs($error) > $limit + 1e-9;

        return new Reading(
            $isOut ? State::Out : State::In,
            Said::of(
                'closes %s '.($error < 0.0 ? 'low' : 'high').' on the benchmark, allowed ±%s'.($isOut ? ': level again' : ''),
                Measure::size(abs($error)), Measure::size($limit),
            ),
        );
    }
}
