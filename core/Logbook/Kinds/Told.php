<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Said;

/** A point that is open, or how it was settled: words alone. */
final class Told implements Reader
{
    public function reads(Entry $entry): Reading
    {
        $told = implode(': ', array_filter([$entry->text, $entry->note], static fn (string $s): bool => $s !== ''));

        return new Reading(State::Kept, Said::of(str_replace('%', '%%', $told === '' ? 'nothing said' : $told)));
    }
}
