<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\SetOut\PegCheck;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** Two pegs read from the middle and from beside one: how far apart they stand, then the two rods each time, m. */
final class LevelCheck implements Reader
{
    public function reads(Entry $entry): Reading
    {
        [$apart, $middleA, $middleB, $nearA, $nearB] = [...$entry->values, 0.0, 0.0, 0.0, 0.0, 0.0];
        try {
            $check = PegCheck::of($apart, [$middleA, $middleB], [$nearA, $nearB]);
        } catch (FaultyInput) {
            return new Reading(State::Kept, Said::of('two pegs %s apart show nothing', Measure::of($apart, Quantity::Length)));
        }

        return new Reading($check->isWithin() ? State::In : State::Out, Said::of(
            'its line of sight runs %s '.($check->error < 0.0 ? 'low' : 'high').' over %s'
                .($check->isWithin() ? '' : ': adjust it, or set it up '
                .'midway between what it reads'), Measure::size(abs($check->error)), Measure::of(30.0, Quantity::Length),
        ));
    }
}
