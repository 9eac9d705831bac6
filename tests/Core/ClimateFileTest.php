<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\SiteCodec;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ClimateFile;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\FreezingIndex;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\FrostBasis;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Weather files, made up here, and what is wrong with them. */
final class ClimateFileTest extends TestCase
{
    /** @param  callable(int): float  $t  °C by hour of the year */
    private static function epw(callable $t): string
    {
        $lines = ['LOCATION,Made-up marsh,-,XX,Invented,000000,50.0,5.0,1.0,10.0', ...array_fill(0, 7, 'HEADER')];
        $n = 0;
        foreach (Calendar::DAYS as $m => $days) {
            for ($d = 1; $d <= $days; $d++) {
                for ($h = 1; $h <= 24; $h++) {
                    $lines[] = sprintf('2001,%d,%d,%d,60,A7,%.2f,1.0,80,101325', $m + 1, $d, $h, $t($n++));
                }
            }
        }

        return implode("\r\n", $lines)."\r\n";
    }

    private static function sine(int $hour): float
    {
        return 4 - 12 * cos(2 * M_PI * ($hour / 24 - 15) / 365) + 3 * sin(2 * M_PI * $hour / 24);
    }

    /** @return list<string> the lines of a daily file over some years */
    private static function daily(string $from, int $days, string $unit = 'mean_c', string $mark = ','): array
    {
        $lines = ["date{$mark}{$unit}"];
        $date = new \DateTimeImmutable($from);
        for ($d = 0; $d < $days; $d++) {
            $c = 4 - 12 * cos(2 * M_PI * ((int) $date->format('z') - 15) / 365);
            $lines[] = $date->format('Y-m-d').$mark.sprintf(
                '%.3f',
                $unit === 'mean_f' ? 1.8 * $c + 32 : ($unit === 'mean_k' ? $c + 273.15 : $c),
            );
            $date = $date->modify('+1 day');
        }

        return $lines;
    }

    public function test_a_year_by_the_hour(): void
    {
        $read = ClimateFile::read(self::epw(self::sine(...)));
        self::assertSame('Made-up marsh, from an EPW file', $read->climate->name);
        self::assertEqualsWithDelta(4.0, array_sum($read->climate->monthly) / 12, 0.1);
        self::assertEqualsWithDelta(12.0 * 0.989, $read->climate->wave()->amplitude, 0.05);
        self::assertSame([], $read->winters, 'a typical year is no record of winters');
        self::assertStringContainsString('no extremes', $read->notes[0]);
        // Colder than all but 0.4 % of the hours, and no warmer than the coldest month.
        self::assertLessThan(-10.0, $read->climate->design());
        self::assertGreaterThan(-11.5, $read->climate->design());
    }

    public function test_winters_by_the_day(): void
    {
        $lines = self::daily('1990-07-01', 12 * 365 + 3);
        $read = ClimateFile::read(implode("\n", $lines), 'my station');
        self::assertSame('my station', $read->climate->name);
        self::assertCount(12, $read->winters, 'the leap days are in it');
        // 365/π (12 sin α − 4 α), cos α = 4/12.
        $index = 365 / M_PI * (12 * sqrt(1 - 1 / 9) - 4 * acos(1 / 3));
        foreach ($read->winters as $winter) {
            self::assertEqualsWithDelta($index, $winter, 0.015 * $index);
        }
        foreach ([self::daily('1990-07-01', 400, 'mean_f', ';'), self::daily('1990-07-01', 400, 'mean_k', "\t")] as $other) {
            self::assertEqualsWithDelta($read->climate->monthly[0], ClimateFile::read(implode("\n", $other))->climate->monthly[0], 0.05);
        }
    }

    public function test_of_two_centuries_the_latest_winters_are_kept_and_it_is_said(): void
    {
        $months = [];
        for ($year = 1801; $year <= 2000; $year++) {
            for ($m = 0; $m < 12; $m++) {
                // Each winter milder than the one before.
                $months[] = sprintf('%d-%02d,%.3f', $year, $m + 1, 4 - (20 - ($year - 1800) * 0.05) * cos(2 * M_PI * $m / 12));
            }
        }
        $read = ClimateFile::read("month,mean_c\n".implode("\n", $months));
        self::assertCount(FrostBasis::MOST_WINTERS, $read->winters);
        self::assertStringContainsString('The file holds 199 winters: the latest 150 are kept', implode(' ', $read->notes));
        $later = ClimateFile::read("month,mean_c\n".implode("\n", array_slice($months, -12 * 30)));
        self::assertEqualsWithDelta(array_slice($later->winters, -1)[0], $read->winters[149], 1e-6);
        $site = SiteCodec::toArray(Examples::boathouse()->site);
        $site['frost']['winters_c_d'] = $read->winters;
        self::assertSame($read->winters, SiteCodec::fromArray($site)->frost->winters, 'a site holds as many');
        $site['frost']['winters_c_d'][] = 1.0;
        $this->expectException(FaultyInput::class);
        SiteCodec::fromArray($site);
    }

    public function test_months_and_hours_as_csv(): void
    {
        $months = $hours = [];
        for ($m = 0; $m < 36; $m++) {
            $months[] = sprintf('%d-%02d,%.2f', 1990 + intdiv($m, 12), $m % 12 + 1, 4 - 12 * cos(2 * M_PI * ($m % 12) / 12));
        }
        $read = ClimateFile::read("month,mean_c\n".implode("\n", $months));
        self::assertCount(2, $read->winters, 'two whole winters lie in three years');
        self::assertEqualsWithDelta(-8.0, $read->climate->monthly[0], 1e-6);
        self::assertStringContainsString('too low', $read->notes[0]);
        $time = new \DateTimeImmutable('2001-01-01 00:00');
        for ($h = 0; $h < 8760; $h++) {
            $hours[] = $time->modify("+{$h} hours")->format('Y-m-d H:i').','.sprintf('%.2f', self::sine($h));
        }
        self::assertEqualsWithDelta(
            ClimateFile::read(self::epw(self::sine(...)))->climate->monthly[0],
            ClimateFile::read("time,mean_c\n".implode("\n", $hours))->climate->monthly[0],
            0.01,
        );
        self::assertSame(0.0, FreezingIndex::ofDays([])->value);
    }

    /** @return iterable<string, array{string, string}> */
    public static function faulty(): iterable
    {
        $epw = explode("\r\n", self::epw(self::sine(...)));
        $with = static fn (int $line, string $text): string => implode("\n", array_replace($epw, [$line => $text]));
        yield 'an hour missing' => [
            implode("\n", [...array_slice($epw, 0, 500), ...array_slice($epw, 501)]),
            '/line 501: found month 1, day 21',
        ];
        yield 'half a year' => [implode("\n", array_slice($epw, 0, 4000)), 'allowed: 8760'];
        yield 'few columns' => [$with(20, '2001,1,1'), '/line 21: found 3 columns'];
        yield 'a word for a temperature' => [$with(8, '2001,1,1,1,60,A,cold,1'), '“cold”'];
        yield 'a temperature that is missing' => [$with(8, '2001,1,1,1,60,A,99.9,1'), '/line 9: found a dry bulb of 99.9'];
        yield 'degrees Fahrenheit' => [self::epw(static fn (int $h): float => 1.8 * self::sine($h) + 60), 'look like °F'];
        yield 'kelvin' => [self::epw(static fn (int $h): float => self::sine($h) + 273.15), 'look like kelvin'];
        $days = self::daily('1990-01-01', 400);
        yield 'a day missing' => [
            implode("\n", [...array_slice($days, 0, 60), ...array_slice($days, 62)]),
            'found 1990-03-03; allowed: 1990-03-01: every day',
        ];
        yield 'a leap day in a plain year' => [implode("\n", ['date,mean_c', '2001-02-28,1', '2001-02-29,1']), '“2001-02-29”'];
        yield 'no unit' => ["date,temperature\n2001-01-01,3", 'mean_c, mean_f, mean_k'];
        yield 'months missing' => [implode("\n", ['date,mean_c', '2001-01,1', '2001-02,2']), 'found no Mar, Apr'];
        yield 'too short' => [implode("\n", self::daily('1990-01-01', 90)), 'found 90 days'];
        yield 'days and months mixed' => ["date,mean_c\n2001-01-01,1\n2001-02,1", '“2001-02” for a date'];
        yield 'nothing' => ['date,mean_c', 'nothing below it'];
        yield 'no temperature' => ["date,mean_c\n2001-01-01,", 'no temperature'];
        yield 'something else' => ['%PDF-1.4', 'a column date'];
    }

    #[DataProvider('faulty')]
    public function test_what_is_wrong_is_said_with_its_line(string $text, string $said): void
    {
        try {
            ClimateFile::read($text);
            self::fail('it is refused');
        } catch (FaultyInput $e) {
            self::assertStringContainsString($said, $e->faults[0]->line());
        }
    }
}
