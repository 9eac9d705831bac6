<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** That the instrument was set up: the level sighted back on and the rod there, m; over a turning point the rod before as well. */
final class SetUp implements Reader
{
    public const BENCHMARK = 'benchmark';

    public const TURNING = 'turning';

    public function reads(Entry $entry): Reading
    {
        [$level, $back] = [$entry->values[0] ?? 0.0, $entry->values[1] ?? 0.0];

        return new Reading(State::Kept, Said::of(
            ($entry->about->point === self::TURNING ? 'set up anew over a turning point at %s'
                : 'set up on the benchmark at %s').', rod %s: sees at %s',
            Measure::of($level, Quantity::Length), Measure::of($back, Quantity::Length), Measure::of($level + $back, Quantity::Length),
        ));
    }
}
