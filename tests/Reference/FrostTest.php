<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Frost\ExtremeWinter;
use Ondergrond\Frost\FreezingIndex;
use Ondergrond\Frost\FrostDepth;
use Ondergrond\Frost\FrostTable;
use Ondergrond\Frost\FrozenSoil;
use Ondergrond\Frost\Seasons;
use Ondergrond\Frost\UndisturbedGround;
use Ondergrond\Material\Catalogue;
use Ondergrond\Numbers\ErrorFunction;
use Ondergrond\Site\AnnualWave;
use Ondergrond\Site\GroundCover;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The sums of frost against published figures and against computations made independently with numpy and scipy. */
final class FrostTest extends TestCase
{
    /**
     * Independent computation: silt of 1600 kg/m³ with 15 % of water, k 1.4 and 2.0, C 2.3e6; 700 °C·d at the surface in 120 days,
     * mean 6 °C.
     */
    public function test_modified_berggren(): void
    {
        $latent = FrozenSoil::FUSION * 1600 * 0.15;
        self::assertEqualsWithDelta(80.16e6, $latent, 0.01e6);
        self::assertEqualsWithDelta(0.7920, FrostDepth::coefficient(2.3e6, $latent, 700.0, 120.0, 6.0), 0.0001);
        self::assertEqualsWithDelta(1.602, FrostDepth::stefan(1.7, $latent, 700.0), 0.001);
        self::assertEqualsWithDelta(1.268, FrostDepth::berggren(1.7, 2.3e6, $latent, 700.0, 120.0, 6.0), 0.001);
    }

    /** Independent computation: the same ground under 80 mm of dry paving and 300 mm of stone. */
    public function test_layers_by_partial_indices(): void
    {
        $latent = FrozenSoil::FUSION * 1600 * 0.15;
        $found = FrostDepth::layered([
            ['thickness' => 0.08, 'k' => 1.4, 'latent' => 0.0],
            ['thickness' => 0.30, 'k' => 2.0, 'latent' => FrozenSoil::FUSION * 1900 * 0.04],
        ], 1.7, $latent, 700.0, 0.7920);
        self::assertEqualsWithDelta(681.4, $found['left'], 0.1);
        self::assertEqualsWithDelta(0.2071, $found['above'], 0.0001);
        self::assertEqualsWithDelta(1.328, $found['depth'], 0.001);
    }

    public function test_layers_of_one_ground_are_that_ground(): void
    {
        $whole = FrostDepth::layered([], 1.7, 80e6, 700.0, 0.8)['depth'];
        $cut = FrostDepth::layered(array_fill(0, 4, ['thickness' => 0.2, 'k' => 1.7, 'latent' => 80e6]), 1.7, 80e6, 700.0, 0.8);
        self::assertEqualsWithDelta($whole, $cut['depth'], 1e-9);
        self::assertEqualsWithDelta(0.8 * FrostDepth::stefan(1.7, 80e6, 700.0), $whole, 1e-9);
        // Ends within the second of two thick layers.
        self::assertEqualsWithDelta(
            $whole,
            FrostDepth::layered(
                [['thickness' => 0.7, 'k' => 1.7, 'latent' => 80e6], ['thickness' => 5.0, 'k' => 1.7, 'latent' => 80e6]], 9.0, 1e6,
                700.0, 0.8,
            )['depth'],
            1e-9,
        );
    }

    /** Independent computation: γ of Neumann's solution for a step to −6 °C on ground at +8 °C. */
    public function test_neumann(): void
    {
        self::assertEqualsWithDelta(0.1602, FrostDepth::neumann(6.0, 8.0, 2.5, 1.5, 1.9e6, 3.0e6, 150e6), 0.0001);
        // The same as a season: 600 °C·d in 100 days, to 1.080 m.
        self::assertEqualsWithDelta(1.080, FrostDepth::exact(FrozenSoil::standard(), 600.0, 100.0, 8.0), 0.001);
        // Cold ground and little heat in it: Stefan’s formula is the limit.
        $soil = FrozenSoil::standard();
        self::assertEqualsWithDelta(
            1.0,
            FrostDepth::exact($soil, 10.0, 100.0, 0.0) / FrostDepth::stefan($soil->frozen, $soil->latent, 10.0),
            0.001,
        );
    }

    public function test_the_mean_of_two_conductivities_is_too_shallow(): void
    {
        // 9 to 11 % against the exact solution, independent computation; the deeper one governs.
        $s = FrozenSoil::standard();
        $mean = FrostDepth::berggren(
            ($s->frozen + $s->thawed) / 2, ($s->frozenCapacity + $s->thawedCapacity) / 2, $s->latent, 600.0, 100.0, 8.0,
        );
        self::assertEqualsWithDelta(0.89, $mean / FrostDepth::exact($s, 600.0, 100.0, 8.0), 0.02);
    }

    /** Abramowitz and Stegun, table 7.1 (from memory): erf 0.5, 1, 2. */
    public function test_the_error_function(): void
    {
        foreach ([[0.5, 0.5204998778], [1.0, 0.8427007929], [2.0, 0.9953222650], [3.0, 0.9999779095]] as [$x, $erf]) {
            self::assertEqualsWithDelta($erf, ErrorFunction::of($x), 1e-9);
            self::assertEqualsWithDelta(1 - $erf, ErrorFunction::complement($x), 1e-9);
        }
        self::assertEqualsWithDelta(ErrorFunction::of(2.4999), ErrorFunction::of(2.5001), 1e-6);
    }

    /** Independent computation (Kusuda and Achenbach): mean 9 °C, swing 12 K, coldest on day 20, 0.05 m²/day. */
    public function test_undisturbed_ground(): void
    {
        $wave = AnnualWave::of(9.0, 12.0, 1.0);
        self::assertEqualsWithDelta(1.370, UndisturbedGround::temperature($wave, 0.05, 1.0, 60 - 20), 0.001);
        self::assertEqualsWithDelta(3.818, UndisturbedGround::temperature($wave, 0.05, 2.0, 60 - 20), 0.001);
        self::assertEqualsWithDelta(12.46, UndisturbedGround::temperature($wave, 0.05, 2.0, 300 - 20), 0.01);
    }

    /** Kersten (1949): silt and clay of 90 lb/ft³ with 20 % of water, 8.1 Btu·in/(h·ft²·°F) thawed, by his own formula on paper. */
    public function test_kersten(): void
    {
        [$thawed, $frozen] = FrozenSoil::kersten(90 * 16.018463, 0.20, true);
        // (0.9·1.30103 − 0.2)·10^0.9 = 7.71; 0.01·10^1.98 + 0.085·10^0.72·20 = 9.88.
        self::assertEqualsWithDelta(7.71 * 0.144228, $thawed, 0.005);
        self::assertEqualsWithDelta(9.88 * 0.144228, $frozen, 0.005);
        [$thawed, $frozen] = FrozenSoil::kersten(110 * 16.018463, 0.08, false);
        // (0.7·0.90309 + 0.4)·10^1.1 = 13.0; 0.076·10^1.43 + 0.032·10^1.606·8 = 12.4.
        self::assertEqualsWithDelta(13.0 * 0.144228, $thawed, 0.01);
        self::assertEqualsWithDelta(12.38 * 0.144228, $frozen, 0.01);
    }

    /**
     * Two schools of the same ground: within a quarter of each other where both were measured (Farouki 1981 finds as much; from memory).
     */
    public function test_johansen_and_kersten_agree_as_far_as_they_do(): void
    {
        foreach ([[1450.0, 0.30, true], [1600.0, 0.15, true], [1800.0, 0.10, false], [1900.0, 0.06, false]] as [$density, $water, $fine]) {
            [$a, $b] = [FrozenSoil::kersten($density, $water, $fine), FrozenSoil::johansen($density, $water, $fine)];
            self::assertEqualsWithDelta(1.0, $a[0] / $b[0], 0.25);
            self::assertEqualsWithDelta(1.0, $a[1] / $b[1], 0.30);
        }
    }

    /**
     * Other minerals than quartz (Johansen 1975, from memory): λ 2.0 where more than a fifth is quartz, 3.0 where less; saturated sand
     * of 60 % and clay of 20 % quartz, by hand.
     */
    public function test_johansens_grains(): void
    {
        foreach ([[true, 0.2, 3.0], [false, 0.6, 2.0]] as [$fine, $quartz, $other]) {
            $grains = 7.7 ** $quartz * $other ** (1 - $quartz);
            $pores = 1 - 1600 / 2700;
            [$thawed, $frozen] = FrozenSoil::johansen(1600.0, 0.5, $fine);
            self::assertEqualsWithDelta($grains ** (1 - $pores) * 0.57 ** $pores, $thawed, 1e-9);
            self::assertEqualsWithDelta($grains ** (1 - $pores) * 2.2 ** $pores, $frozen, 1e-9);
        }
    }

    /** Where Kersten ends Johansen goes on: the deeper frost governs, and nothing jumps there. */
    public function test_the_deeper_of_two_schools_governs_and_does_not_jump(): void
    {
        foreach ([[1450.0, true, 0.07], [1800.0, false, 0.01]] as [$density, $fine, $at]) {
            [$below, $above] = [FrozenSoil::measured($density, $at - 1e-5, $fine), FrozenSoil::measured($density, $at + 1e-5, $fine)];
            self::assertEqualsWithDelta($below->frozen, $above->frozen, 1e-3);
            self::assertEqualsWithDelta($below->thawed, $above->thawed, 1e-3);
            self::assertGreaterThanOrEqual(
                max(FrozenSoil::kersten($density, $at + 1e-5, $fine)[1], FrozenSoil::johansen($density, $at + 1e-5, $fine)[1]),
                $above->frozen + 1e-9,
            );
        }
    }

    /** EN ISO 13793:2001, from memory: ground of λ 1.5 and 2.5, C 3.0 and 1.9 MJ/(m³K), L 150 MJ/m³ of 450 kg/m³ of water. */
    public function test_the_ground_of_en_iso_13793(): void
    {
        $s = FrozenSoil::standard();
        self::assertSame([1.5, 2.5, 3.0e6, 1.9e6, 150e6], [$s->thawed, $s->frozen, $s->thawedCapacity, $s->frozenCapacity, $s->latent]);
        self::assertEqualsWithDelta($s->latent, 450 * FrozenSoil::FUSION, 0.005 * $s->latent);
        // H₀ = √(7200 F λ_f / (L + C θ̄)): F 24 000 K·h, mean 6 °C, by hand 1.604 m.
        self::assertEqualsWithDelta(1.604, FrostDepth::standard($s, 1000.0, 6.0), 0.001);
    }

    /** Gumbel’s factor once in a hundred years, 3.137 (Chow 1951; from memory), and the rule it makes. */
    public function test_gumbel(): void
    {
        self::assertEqualsWithDelta(3.137, ExtremeWinter::factor(100.0), 0.001);
        self::assertEqualsWithDelta(1.305, ExtremeWinter::factor(10.0), 0.001);
        self::assertEqualsWithDelta(1000 * (1 + 3.137 * 0.25), ExtremeWinter::fromMean(1000.0, 0.25, 100.0)->index, 0.5);
        $winters = [810.0, 640.0, 1020.0, 905.0, 700.0, 760.0, 1180.0, 590.0, 845.0, 930.0];
        $mean = array_sum($winters) / 10;
        $deviation = sqrt(array_sum(array_map(static fn (float $w): float => ($w - $mean) ** 2, $winters)) / 9);
        self::assertEqualsWithDelta($mean + 3.137 * $deviation, ExtremeWinter::fromRecord($winters, 100.0)->index, 0.2);
        // Half of the winters without frost: once in a hundred years is once in fifty among the others.
        $mixed = ExtremeWinter::fromRecord([...$winters, ...array_fill(0, 10, 0.0)], 100.0);
        self::assertEqualsWithDelta($mean + ExtremeWinter::factor(50.0) * $deviation, $mixed->index, 0.2);
        self::assertSame(0.0, ExtremeWinter::fromRecord(array_fill(0, 12, 0.0), 100.0)->index);
        // A record is never undercut.
        self::assertSame(2000.0, ExtremeWinter::fromRecord([...array_fill(0, 11, 700.0), 2000.0], 2.0)->index);
    }

    /** Thaws count against the index: by hand, and the sine of 8 ± 10 °C by its integral. */
    public function test_the_index_goes_from_peak_to_trough(): void
    {
        $days = [5.0, 3.0, -4.0, -6.0, 2.0, 1.0, -8.0, -1.0, 4.0, 9.0];
        self::assertSame(16.0, FreezingIndex::ofDays($days)->value);
        self::assertSame([2, 6], [FreezingIndex::ofDays($days)->from, FreezingIndex::ofDays($days)->days]);
        // The cold days alone add up to 19.
        self::assertSame(0.0, FreezingIndex::ofDays([4.0, 2.0, 7.0])->value);
        $year = array_map(static fn (int $d): float => 8 - 10 * cos(2 * M_PI * ($d + 0.5) / 365), range(0, 364));
        // 365/π (10 sin α − 8 α), cos α = 0.8.
        self::assertEqualsWithDelta(365 / M_PI * (10 * 0.6 - 8 * acos(0.8)), FreezingIndex::ofYear($year)->value, 0.1);
        // With days that stray by 4 K: 180 seasonal against 264 by cold days alone, independent computation.
        self::assertEqualsWithDelta(180.0, Seasons::meanIndex($year, 4.0), 15.0);
        self::assertSame([24_000.0, 1800.0], [FreezingIndex::kelvinHours(1000.0), FreezingIndex::fahrenheitDays(1000.0)]);
    }

    public function test_the_smooth_year_keeps_the_means_of_the_months(): void
    {
        $monthly = [-9.5, -7.5, -2.0, 5.5, 12.5, 17.5, 20.0, 19.0, 14.0, 7.5, 1.0, -6.0];
        $year = Seasons::smooth($monthly);
        foreach ($monthly as $m => $mean) {
            $from = (int) round($m * 365 / 12);
            $of = array_slice($year, $from, (int) round(($m + 1) * 365 / 12) - $from);
            // Four harmonics leave what is in the others.
            self::assertEqualsWithDelta($mean, array_sum($of) / count($of), 0.4);
        }
        self::assertEqualsWithDelta(array_sum($monthly) / 12, array_sum($year) / 365, 0.01);
    }

    /**
     * IRC table R403.3(1), from memory: index °F·d, footing in, vertical R, horizontal R along walls and at corners, A, B, C in.
     *
     * @return iterable<string, array{float, list<float>}>
     */
    public static function rows(): iterable
    {
        yield 'to 1500' => [1500, [12, 4.5, 0, 0, 0, 0, 0]];
        yield 'less' => [900, [12, 4.5, 0, 0, 0, 0, 0]];
        yield '2000' => [2000, [14, 5.6, 0, 0, 0, 0, 0]];
        yield '2500' => [2500, [16, 6.7, 1.7, 4.9, 12, 24, 40]];
        yield '3000' => [3000, [16, 7.8, 6.5, 8.6, 12, 24, 40]];
        yield '3500' => [3500, [16, 9.0, 8.0, 11.2, 24, 30, 60]];
        yield '4000' => [4000, [16, 10.1, 10.5, 13.1, 24, 36, 60]];
        yield 'between two that ask for a wing' => [3250, [16, 8.4, 7.25, 9.9, 24, 30, 60]];
        yield 'never between a wing and none' => [2100, [14.4, 5.82, 1.7, 4.9, 12, 24, 40]];
    }

    /** @param  list<float>  $asks */
    #[DataProvider('rows')]
    public function test_the_table_for_heated_buildings(float $index, array $asks): void
    {
        $factors = [0.0254, 0.176110, 0.176110, 0.176110, 0.0254, 0.0254, 0.0254];
        foreach (FrostTable::row($index) as $k => $value) {
            self::assertEqualsWithDelta($asks[$k] * $factors[$k], $value, 1e-4);
        }
    }

    public function test_the_table_is_not_extrapolated(): void
    {
        $this->expectException(\LogicException::class);
        FrostTable::row(4001.0);
    }

    /**
     * Its footnote, from memory: R per inch that counts is 2.4, 3.2 and 4.5 for EPS of types II and IX and XPS in older editions, 3.2/2.6,
     * 3.4/2.8 and 4.5/4.0 upright and lying in newer ones; the lower of both.
     */
    public function test_boards_count_as_wet_as_they_get(): void
    {
        foreach ([
            'eps-15psi' => [[2.4, 3.2], [2.4, 2.6]],
            'eps-25psi' => [[3.2, 3.4], [3.2, 2.8]],
            'xps-40psi' => [[4.5, 4.5], [4.5, 4.0]],
        ] as $slug => $ways) {
            foreach ($ways as $lying => $editions) {
                self::assertEqualsWithDelta(
                    2 * min($editions) * 0.176110,
                    FrostTable::effective(Catalogue::get($slug), 2 * 0.0254, $lying === 1),
                    1e-4,
                );
            }
        }
        self::assertSame(0.0, FrostTable::effective(Catalogue::get('stone-wool-board'), 0.1, true));
    }

    /**
     * US Army TM 5-852-6, n-factors (from memory): asphalt 0.90 to 0.95, gravel 0.9, turf 0.5 under snow only; cleared ground, and turf
     * without snow, on the safe side.
     */
    public function test_surface_factors(): void
    {
        $factors = static fn (bool $snow): array => array_map(
            static fn (GroundCover $s): float => $s->freezingFactor($snow),
            GroundCover::cases(),
        );
        self::assertSame([1.0, 0.9, 0.95, 1.0], $factors(false));
        self::assertSame([1.0, 0.9, 0.95, 0.5], $factors(true));
    }

    /** R’s own data and regression: `nottem`, twenty years of monthly means, shipped with r-base-core. */
    public function test_the_wave_of_a_published_record_is_that_of_a_regression(): void
    {
        $script = 'x <- (nottem - 32) / 1.8; m <- as.numeric(tapply(x, cycle(x), mean)); k <- 1:12; f <- lm(m ~ cos(2*pi*k/12) + sin(2*pi*k/12)); cat(m, coef(f), sep=" ")';
        $process = new Process(['Rscript', '--vanilla', '-e', $script]);
        $numbers = array_map(floatval(...), explode(' ', trim($process->mustRun()->getOutput())));
        self::assertCount(15, $numbers);
        $monthly = array_slice($numbers, 0, 12);
        [$mean, $cos, $sin] = array_slice($numbers, 12);
        $wave = AnnualWave::fit($monthly);
        self::assertEqualsWithDelta($mean, $wave->mean, 1e-4);
        self::assertEqualsWithDelta(hypot($cos, $sin), $wave->amplitude, 1e-4);
        self::assertEqualsWithDelta($cos, -$wave->amplitude * cos(2 * M_PI * $wave->coldest / 12), 1e-4);
        self::assertEqualsWithDelta($sin, -$wave->amplitude * sin(2 * M_PI * $wave->coldest / 12), 1e-4);
        self::assertSame(0.0, FreezingIndex::ofYear(Seasons::smooth($monthly))->value, 'its months never freeze');
        self::assertGreaterThan(0.0, Seasons::meanIndex(Seasons::smooth($monthly), 4.0), 'its days do');
    }
}
