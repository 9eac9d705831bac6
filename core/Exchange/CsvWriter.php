<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Units\Letters;

/** Comma-separated values, RFC 4180, as UTF-8 with a byte order mark so that spreadsheets read it as such. */
final class CsvWriter
{
    private const MARK = "\u{feff}";

    /** A spreadsheet takes what begins so for a formula. */
    private const FORMULA = '~^[\p{Z}\p{Cc}\p{Cf}]*[=+\-@\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}]|^[\t\r\n]~u';

    private const NUMBER = '~^[+-]?\d+([.,]\d+)?$~';

    /** @param  list<list<string>>  $lines */
    public static function write(array $lines): string
    {
        $csv = self::MARK;
        foreach ($lines as $line) {
            $csv .= implode(',', array_map(self::cell(...), $line))."\r\n";
        }

        return $csv;
    }

    private static function cell(string $text): string
    {
        $text = Letters::plain($text);
        if (preg_match(self::FORMULA, $text) === 1 && preg_match(self::NUMBER, $text) !== 1) {
            $text = "'".$text;
        }

        return preg_match('~[",\r\n]~', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
