<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use DateTimeImmutable;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/**
 * Air temperatures as CSV: a heading with a date column and one of `mean_c`, `mean_f` or `mean_k`; then a line for each hour
 * (2001-12-31T23:00), day (2001-12-31) or month (2001-12), in order and without gaps. Commas, semicolons or tabs between.
 */
final class ClimateCsvReader
{
    private const UNITS = ['mean_c' => [1.0, 0.0], 'mean_f' => [5 / 9, -160 / 9], 'mean_k' => [1.0, -273.15]];

    private const DATES = ['date', 'day', 'month', 'time'];

    /** By the length of what stands for a moment. */
    private const STEPS = [7 => ['Y-m', '+1 month', 'month'], 10 => ['Y-m-d', '+1 day', 'day'], 16 => ['Y-m-d\TH:i', '+1 hour', 'hour']];

    private const FEWEST_DAYS = 365;

    /** @throws FaultyInput with the line where it cannot be read */
    public static function read(string $text, string $name = 'From a CSV file'): ImportedClimate
    {
        $lines = explode("\n", str_replace(["\r\n", "\r"], "\n", trim(str_replace("\u{feff}", '', $text))));
        $mark = str_contains($lines[0], ';') ? ';' : (str_contains($lines[0], "\t") ? "\t" : ',');
        $heads = array_map(static fn (?string $h): string => strtolower(trim((string) $h)), str_getcsv($lines[0], $mark, '"', ''));
        $date = array_values(array_intersect($heads, self::DATES))[0] ?? null;
        $unit = array_values(array_intersect($heads, array_keys(self::UNITS)))[0] ?? null;
        if ($date === null || $unit === null) {
            throw self::fault(
                1,
                'columns '.implode(', ', $heads),
                'a column date and one of '.implode(', ', array_keys(self::UNITS)).', so that the unit is known',
            );
        }
        [$values, $step] = self::rows(
            $lines, $mark, (int) array_search($date, $heads, true), (int) array_search($unit, $heads, true), self::UNITS[$unit],
        );
        ImportedClimate::refuseOtherUnits(min($values), max($values), '');

        return match ($step) {
            'month' => ImportedClimate::fromMonths($name, $values, []),
            'day' => self::days($name, $values),
            default => self::days($name, self::daily($values)),
        };
    }

    /**
     * @param  non-empty-list<string>  $lines
     * @param  array{float, float}  $unit
     * @return array{non-empty-array<string, float>, string} °C by moment, and what lies between two of them
     */
    private static function rows(array $lines, string $mark, int $at, int $column, array $unit): array
    {
        $values = [];
        $expected = null;
        $step = null;
        foreach (array_slice($lines, 1, null, true) as $n => $line) {
            $cells = str_getcsv($line, $mark, '"', '');
            if (count($cells) <= max($at, $column)) {
                throw self::fault(
                    $n + 1,
                    sprintf('%d columns', count($cells)),
                    sprintf('at least %d, as in the heading', max($at, $column) + 1),
                );
            }
            $moment = str_replace(' ', 'T', trim((string) $cells[$at]));
            $step ??= self::STEPS[strlen($moment)] ?? null;
            $parsed = $step === null ? false : DateTimeImmutable::createFromFormat('!'.$step[0], $moment);
            if ($parsed === false || $parsed->format($step[0]) !== $moment) {
                throw self::fault(
                    $n + 1,
                    "“{$moment}” for a date",
                    $step === null
                        ? '2001-12, 2001-12-31 or 2001-12-31T23:00'
                        : "a {$step[2]} that is in the calendar, written as the ones before",
                );
            }
            if ($expected !== null && $moment !== $expected) {
                throw self::fault($n + 1, $moment, "{$expected}: every {$step[2]} in order, without gaps");
            }
            $typed = str_replace(',', '.', trim((string) $cells[$column]));
            if (! is_numeric($typed)) {
                throw self::fault($n + 1, $typed === '' ? 'no temperature' : "“{$typed}” for a temperature", 'a number');
            }
            $values[$moment] = (float) $typed * $unit[0] + $unit[1];
            $expected = $parsed->modify($step[1])->format($step[0]);
        }
        if ($values === []) {
            throw FaultyInput::one(Fault::of('', 'a heading and nothing below it', 'a line for each hour, day or month'));
        }

        return [$values, $step[2]];
    }

    /** @param  non-empty-array<string, float>  $days */
    private static function days(string $name, array $days): ImportedClimate
    {
        if (count($days) < self::FEWEST_DAYS) {
            throw FaultyInput::one(Fault::of('', sprintf('%d days', count($days)), 'at least a whole year'));
        }

        return ImportedClimate::fromDays($name, $days, null, []);
    }

    /**
     * @param  non-empty-array<string, float>  $hours
     * @return non-empty-array<string, float> by day
     */
    private static function daily(array $hours): array
    {
        $sums = $counts = [];
        foreach ($hours as $moment => $t) {
            $day = substr($moment, 0, 10);
            $sums[$day] = ($sums[$day] ?? 0.0) + $t;
            $counts[$day] = ($counts[$day] ?? 0) + 1;
        }
        $days = [];
        foreach ($sums as $day => $sum) {
            $days[$day] = $sum / $counts[$day];
        }

        return $days;
    }

    private static function fault(int $line, string $found, string $allowed): FaultyInput
    {
        return FaultyInput::one(Fault::of("/line {$line}", $found, $allowed));
    }
}
