<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Fault\FaultyInput;

/** A weather file of either kind. */
final class ClimateFile
{
    /** Bytes: a year by the hour is 1.6 MB as EPW, two centuries by the day 3.5 MB as CSV. */
    public const LARGEST = 4_000_000;

    /** @throws FaultyInput with the line where it cannot be read */
    public static function read(string $text, string $name = 'From a CSV file'): ImportedClimate
    {
        return str_starts_with(ltrim($text, "\u{feff} \r\n"), 'LOCATION') ? EpwReader::read($text) : ClimateCsvReader::read($text, $name);
    }
}
