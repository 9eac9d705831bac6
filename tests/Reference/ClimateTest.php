<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\DesignWinter;
use Ondergrond\Frost\FrozenSoil;
use Ondergrond\Frost\OpenGround;
use Ondergrond\Site\AnnualWave;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\Climate;
use Ondergrond\Site\DegreeDays;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\GroundCover;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\YearFrom;
use PHPUnit\Framework\TestCase;

/** A climate from a few figures: against published normals, and against what the figures themselves say. */
final class ClimateTest extends TestCase
{
    /**
     * Monthly normals of 1981 to 2010 of two weather stations in the middle of a continent, °F; their heating degree-days below
     * 65 °F by the same publication, and the tabled design temperature that 99.6 % of the hours are warmer than (ASHRAE
     * Fundamentals), °F. National normals, all from memory.
     */
    private const STATIONS = [
        [[23.8, 27.7, 37.9, 48.9, 59.1, 68.9, 74.0, 72.4, 64.6, 52.5, 40.3, 27.7], 6339.0, -1.0],
        [[15.6, 20.8, 32.8, 47.5, 59.1, 68.8, 73.8, 71.2, 62.0, 48.9, 33.7, 19.7], 7580.0, -11.0],
    ];

    private static function celsius(float $f): float
    {
        return ($f - 32) / 1.8;
    }

    private static function asked(string $name, int $usual): int
    {
        $asked = getenv($name);

        return is_string($asked) && $asked !== '' ? (int) $asked : $usual;
    }

    public function test_degree_days_from_months_agree_with_published_ones(): void
    {
        foreach (self::STATIONS as [$months, $published]) {
            $own = 1.8 * DegreeDays::of(array_map(self::celsius(...), $months), self::celsius(65.0));
            self::assertEqualsWithDelta($published, $own, 0.015 * $published);
        }
    }

    /** The other way round: from degree-days and the mean of the year to months. */
    public function test_months_from_published_degree_days_lie_near_the_published_ones(): void
    {
        foreach (self::STATIONS as [$months, $published]) {
            $known = array_map(self::celsius(...), $months);
            $worked = YearFrom::degreeDays($published / 1.8, self::celsius(65.0), array_sum($known) / 12, 1);
            foreach ($known as $i => $t) {
                self::assertEqualsWithDelta($t, $worked[$i], 2.5, Calendar::MONTHS[$i]);
            }
            // A plain wave: winters that are sharper than it come out milder.
            self::assertEqualsWithDelta(min($known), min($worked), 1.5);
        }
    }

    public function test_a_design_day_that_nobody_gives_lies_near_the_tabled_one(): void
    {
        foreach (self::STATIONS as [$months, , $tabled]) {
            $climate = new Climate('', array_map(self::celsius(...), $months));
            self::assertEqualsWithDelta(self::celsius($tabled), $climate->design(), 3.0);
        }
    }

    /** Without straying days it is what a table of months gives; with them, the mean over the normal distribution, summed finely. */
    public function test_degree_days_are_the_mean_over_straying_days(): void
    {
        $months = [-4.0, -2.0, 2.5, 8.0, 13.0, 16.5, 18.5, 18.0, 14.0, 9.0, 3.0, -2.0];
        $plain = 0.0;
        foreach ($months as $i => $t) {
            $plain += Calendar::DAYS[$i] * max(0.0, 15.0 - $t);
        }
        self::assertEqualsWithDelta($plain, DegreeDays::of($months, 15.0, 0.0), 1e-9);
        foreach ([1.0, 4.0, 7.0] as $spread) {
            $sum = 0.0;
            foreach ($months as $i => $t) {
                $mean = $weights = 0.0;
                for ($z = -6.0; $z <= 6.0; $z += 0.002) {
                    $weight = exp(-$z * $z / 2);
                    $mean += $weight * max(0.0, 15.0 - $t - $spread * $z);
                    $weights += $weight;
                }
                $sum += Calendar::DAYS[$i] * $mean / $weights;
            }
            self::assertEqualsWithDelta($sum, DegreeDays::of($months, 15.0, $spread), 0.05);
            self::assertGreaterThan($plain, DegreeDays::of($months, 15.0, $spread));
        }
    }

    /** LOT=1000 draws more; SEED draws others. */
    public function test_three_figures_come_back_out_of_the_months_they_give(): void
    {
        $seed = self::asked('SEED', random_int(1, 999_999));
        mt_srand($seed);
        $taken = 0;
        for ($i = 0; $i < self::asked('LOT', 300); $i++) {
            $coldest = mt_rand(-350, 200) / 10;
            $warmest = $coldest + mt_rand(0, 400) / 10;
            $mean = ($warmest + $coldest) / 2 + mt_rand(-60, 60) / 10;
            $month = mt_rand(1, 12);
            try {
                $months = YearFrom::extremes($warmest, $coldest, $mean, $month);
            } catch (FaultyInput $e) {
                self::assertStringContainsString('_c: found', $e->getMessage());
                self::assertTrue(
                    abs($mean - ($warmest + $coldest) / 2) > ($warmest - $coldest) / 8 - 1e-6 || $warmest > 50.0, "seed {$seed}, {$i}",
                );

                continue;
            }
            $taken++;
            $words = "seed {$seed}, draw {$i}: {$warmest}, {$coldest}, {$mean}, month {$month}";
            self::assertEqualsWithDelta($coldest, $months[$month - 1], 1e-3, $words);
            self::assertEqualsWithDelta([$coldest, $warmest], [min($months), max($months)], 1e-3, $words);
            self::assertEqualsWithDelta($mean, array_sum($months) / 12, 1e-3, $words);
            // One summer and one winter: up for half a year, then down.
            for ($m = 0; $m < 6; $m++) {
                $at = static fn (int $of): float => $months[($month - 1 + $of) % 12];
                self::assertLessThanOrEqual($at($m + 1) + 1e-3, $at($m), $words);
                self::assertLessThanOrEqual($at($m + 6) + 1e-3, $at($m + 7 > 11 ? $m + 7 - 12 : $m + 7), $words);
            }
        }
        self::assertGreaterThan(30, $taken);
    }

    public function test_degree_days_come_back_out_of_the_months_they_give(): void
    {
        $seed = self::asked('SEED', random_int(1, 999_999));
        mt_srand($seed);
        $taken = 0;
        for ($i = 0; $i < 200; $i++) {
            [$sum, $base, $mean] = [mt_rand(0, 8000), mt_rand(10, 20), mt_rand(-5, 25)];
            $month = mt_rand(1, 12);
            try {
                $months = YearFrom::degreeDays($sum, $base, $mean, $month);
            } catch (FaultyInput) {
                continue;
            }
            $taken++;
            $words = "seed {$seed}, draw {$i}: {$sum} below {$base}, mean {$mean}";
            self::assertEqualsWithDelta($sum, DegreeDays::of($months, $base), 1.0, $words);
            self::assertEqualsWithDelta($mean, array_sum($months) / 12, 1e-3, $words);
            self::assertEqualsWithDelta(min($months), $months[$month - 1], 1e-3, $words);
        }
        self::assertGreaterThan(30, $taken);
    }

    public function test_what_cannot_be_a_climate_is_refused_with_what_is_allowed(): void
    {
        foreach ([
            [static fn () => YearFrom::extremes(5.0, 10.0, 7.0, 1), '/warmest_c: found 5 °C; allowed: 10 to 50 °C'],
            // Midway 6.5, ± an eighth of 23 K: 3.625 to 9.375, to tenths inward.
            [static fn () => YearFrom::extremes(18.0, -5.0, 12.0, 1), '/mean_c: found 12 °C; allowed: 3.7 to 9.3 °C'],
            [static fn () => YearFrom::extremes(18.0, -90.0, 12.0, 1), '/coldest_c: found -90 °C; allowed: -60 to 50 °C'],
            // No year of 7 °C has less than 11 K on 365 days below 18 °C: 4015, and 4·(φ(2.75) − 2.75·Φ(−2.75)) = 0.0036 K a day more
            // since days stray by 4 K.
            [static fn () => YearFrom::degreeDays(3000.0, 18.0, 7.0, 1), '/degree_days_c_d: found 3000 °C·d; allowed: 4017 to'],
        ] as [$try, $says]) {
            try {
                $try();
                self::fail('taken');
            } catch (FaultyInput $e) {
                self::assertStringStartsWith($says, $e->getMessage());
            }
        }
    }

    /** The office's depth gives the index under which this ground freezes so deep, whatever lies on it, and more for more. */
    public function test_the_building_offices_frost_depth_comes_back_as_the_depth_of_frost(): void
    {
        $months = YearFrom::extremes(18.0, -5.0, 6.2, 1);
        foreach ([Soil::ClayOrSilt, Soil::SandOrGravel] as $soil) {
            foreach ([[GroundCover::Cleared, 0.0], [GroundCover::Turf, 0.0], [GroundCover::Paved, 0.15]] as [$cover, $paving]) {
                $before = 0.0;
                foreach ([0.3, 0.5, 0.9, 1.2192, 1.8] as $depth) {
                    $site = new Site('', new Climate('', $months), $soil, frost: new FrostBasis(
                        surface: $cover, paving: $paving, pavingStone: $paving, officeDepth: $depth,
                    ));
                    $winter = DesignWinter::of($site);
                    $open = OpenGround::of($site, $winter, FrozenSoil::of($soil, $site->frost));
                    self::assertEqualsWithDelta($depth, $open?->depth(), 0.01, "{$soil->value} {$cover->value}");
                    self::assertSame($winter->office, $winter->index);
                    self::assertGreaterThan($before, $winter->index);
                    $before = $winter->index;
                }
            }
        }
    }

    /**
     * By hand, EN ISO 13793's formula for its own ground turned round: F = H²(L + C·θ)/(7200·λ) K·h, with 150 MJ/m³, 3 MJ/(m³K)
     * and 2.5 W/(m·K); the deepest of the sums governs, so that it asks no more.
     */
    public function test_the_index_of_a_depth_is_that_of_the_standards_formula_or_less(): void
    {
        $climate = new Climate('', YearFrom::extremes(18.0, -5.0, 6.2, 1));
        $winter = DesignWinter::of(new Site('', $climate, Soil::ClayOrSilt, frost: new FrostBasis(officeDepth: 1.0)));
        $hours = 1.0 ** 2 * (150e6 + 3.0e6 * 6.2) / (7200 * 2.5);
        self::assertEqualsWithDelta($hours, $winter->kelvinHours(), 0.2 * $hours);
        self::assertLessThanOrEqual($hours * 1.001, $winter->kelvinHours());
    }

    public function test_of_an_index_and_a_depth_the_colder_governs_and_it_is_said(): void
    {
        $climate = new Climate('', YearFrom::extremes(18.0, -5.0, 6.2, 1));
        $of = static fn (?float $index, ?float $depth): DesignWinter => DesignWinter::of(
            new Site('', $climate, Soil::ClayOrSilt, frost: new FrostBasis(designIndex: $index, officeDepth: $depth)),
        );
        self::assertSame('given', $of(300.0, null)->method);
        self::assertGreaterThan(500.0, $of(300.0, 1.5)->index);
        self::assertStringContainsString('asks more than the index that is given', $of(300.0, 1.5)->method);
        self::assertSame(2000.0, $of(2000.0, 0.5)->index);
        self::assertStringContainsString('asks less', $of(2000.0, 0.5)->method);
        // Ground that holds no water gives no index: the months do.
        $dry = new Site('', $climate, Soil::SandOrGravel, frost: new FrostBasis(water: 0.0, officeDepth: 1.0));
        self::assertNull(DesignWinter::of($dry)->office);
    }

    public function test_a_wave_through_three_figures_is_the_one_that_is_fitted_to_its_months(): void
    {
        $wave = AnnualWave::fit(YearFrom::extremes(20.0, -4.0, 8.0, 7));
        self::assertEqualsWithDelta([8.0, 12.0, 7.0], [$wave->mean, $wave->amplitude, $wave->coldest], 1e-3);
    }
}
