<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Said;

/** That a hold point was passed, and over what. */
final class Pass implements Reader
{
    public function reads(Entry $entry): Reading
    {
        $pass = $entry->passing;
        $words = match (true) {
            $pass === null => 'passed',
            $pass->over === [] => "{$pass->hold->label()}: passed",
            default => sprintf('%s: passed over %d open: %s', $pass->hold->label(), count($pass->over), $pass->reason),
        };

        return new Reading(($pass->over ?? []) === [] ? State::In : State::Close, Said::of(strtr($words, ['%' => '%%'])));
    }
}
