<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Said;

/** What was seen, written or photographed; `min` is 1 where it has to be as it should, and a value of 0 says that it is not. */
final class Note implements Reader
{
    public function reads(Entry $entry): Reading
    {
        $words = $entry->note === '' ? $entry->text : $entry->note;
        $words = strtr($words === '' ? 'on record' : $words, ['%' => '%%']);
        $value = $entry->values[0] ?? null;

        return match (true) {
            $entry->min === null || $value === null => new Reading(State::Kept, Said::of($words)),
            $value < $entry->min => new Reading(State::Out, Said::of('not as it should be: '.$words)),
            default => new Reading(State::In, Said::of($words === 'on record' ? 'as it should be' : $words)),
        };
    }
}
