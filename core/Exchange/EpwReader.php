<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Site\Calendar;

/** Hourly weather in the EPW format: eight lines of header, then a line an hour, whose seventh column is the dry-bulb temperature. */
final class EpwReader
{
    private const HEADER = 8;

    private const COLUMNS = 7;

    private const DRY_BULB = 6;

    /** Stands for a value that was not measured. */
    private const MISSING = 99.9;

    /** Hours colder than the design day, share of the year (ASHRAE Fundamentals, 99.6 %; from memory). */
    private const COLDER = 0.004;

    /**
     * @throws FaultyInput with the line where it cannot be read
     */
    public static function read(string $text): ImportedClimate
    {
        $lines = explode("\n", str_replace(["\r\n", "\r"], "\n", rtrim($text)));
        if (! str_starts_with($lines[0], 'LOCATION')) {
            throw self::fault(1, 'a line that does not begin with LOCATION', 'an EPW file');
        }
        $hours = [];
        $days = [];
        $leap = 0;
        [$month, $day, $hour] = [1, 1, 1];
        for ($n = self::HEADER; $n < count($lines); $n++) {
            $columns = explode(',', $lines[$n], self::COLUMNS + 1);
            if (count($columns) < self::COLUMNS) {
                throw self::fault(
                    $n + 1,
                    sprintf('%d columns', count($columns)),
                    'at least '.self::COLUMNS.': year, month, day, hour, minute, source, dry bulb, …',
                );
            }
            [$m, $d, $h] = [(int) $columns[1], (int) $columns[2], (int) $columns[3]];
            if ($m === 2 && $d === 29) {
                $leap++;

                continue;
            }
            if ([$m, $d, $h] !== [$month, $day, $hour]) {
                throw self::fault(
                    $n + 1,
                    "month {$m}, day {$d}, hour {$h}",
                    "month {$month}, day {$day}, hour {$hour}: every hour from 1 January, without gaps",
                );
            }
            if (! is_numeric($columns[self::DRY_BULB])) {
                throw self::fault($n + 1, "a dry bulb of “{$columns[self::DRY_BULB]}”", 'a number of °C in the seventh column');
            }
            $t = (float) $columns[self::DRY_BULB];
            if ($t >= self::MISSING - 1e-6 && $t <= self::MISSING + 0.1) {
                throw self::fault($n + 1, 'a dry bulb of 99.9, which says that it is missing', 'a temperature for every hour');
            }
            $hours[] = $t;
            $key = sprintf('2001-%02d-%02d', $m, $d);
            $days[$key] = ($days[$key] ?? 0.0) + $t / 24;
            [$month, $day, $hour] = self::next($month, $day, $hour);
        }
        if ($days === [] || count($hours) !== 24 * array_sum(Calendar::DAYS)) {
            throw FaultyInput::one(Fault::of('', sprintf('%d hours', count($hours)), '8760: a whole year'));
        }
        ImportedClimate::refuseOtherUnits(min($hours), max($hours), '');
        sort($hours);
        $place = explode(',', $lines[0])[1] ?? '';

        return ImportedClimate::fromDays(
            mb_substr(trim($place) === '' ? 'From an EPW file' : trim($place).', from an EPW file', 0, 120),
            $days,
            round($hours[(int) (self::COLDER * count($hours))], 1),
            [
                'A typical year holds no extremes: give the design winter’s index from a map, or winters on record.',
                ...($leap > 0 ? ['29 February was left out.'] : []),
            ],
        );
    }

    /** @return array{int, int, int} */
    private static function next(int $month, int $day, int $hour): array
    {
        return match (true) {
            $hour < 24 => [$month, $day, $hour + 1],
            $day < Calendar::DAYS[$month - 1] => [$month, $day + 1, 1],
            default => [$month + 1, 1, 1],
        };
    }

    private static function fault(int $line, string $found, string $allowed): FaultyInput
    {
        return FaultyInput::one(Fault::of("/line {$line}", $found, $allowed));
    }
}
