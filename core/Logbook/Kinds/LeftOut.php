<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** A board that is not there along so much of a stretch: a deviation from the drawing. */
final class LeftOut implements Reader
{
    public function reads(Entry $entry): Reading
    {
        return new Reading(
            State::Out, Said::of('left out along %s', Measure::of($entry->values[0] ?? 0.0, Quantity::Length)),
        );
    }
}
