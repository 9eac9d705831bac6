<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;

/** That a corner was moved as it was told: along x and y, m. */
final class Moved implements Reader
{
    public function reads(Entry $entry): Reading
    {
        $point = str_replace('%', '%%', $entry->about->point);

        return new Reading(State::Kept, Said::of(
            "corner {$point} moved by %s: its tapes are read again", Measure::size(hypot(...array_slice($entry->values, 0, 2))),
        ));
    }
}
