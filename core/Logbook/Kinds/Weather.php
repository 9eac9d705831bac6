<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** Air in °C, wind in m/s, rain in mm since the last look. */
final class Weather implements Reader
{
    public function reads(Entry $entry): Reading
    {
        [$air, $wind, $rain] = [...$entry->values, 0.0, 0.0, 0.0];

        return new Reading(State::Kept, Said::of(
            '%s, wind %s, rain %s', Measure::of($air, Quantity::Temperature), Measure::of($wind, Quantity::Speed),
            Measure::of($rain / 1000, Quantity::Thickness),
        ));
    }
}
