<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Site\AnnualWave;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The fit against waves that are known, and against least squares solved another way. */
final class AnnualWaveTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> */
    public static function waves(): iterable
    {
        yield 'coldest in mid January' => [8.0, 10.0, 1.0];
        yield 'coldest early February' => [5.5, 14.2, 1.4];
        yield 'southern half of the earth' => [16.0, 6.0, 7.2];
        yield 'coldest in December' => [3.0, 9.0, 12.3];
    }

    #[DataProvider('waves')]
    public function test_finds_a_wave_again(float $mean, float $amplitude, float $coldest): void
    {
        $months = array_map(static fn (int $m): float => $mean - $amplitude * cos(2 * M_PI * ($m - $coldest) / 12), range(1, 12));
        $fit = AnnualWave::fit($months);
        self::assertEqualsWithDelta([$mean, $amplitude, $coldest], [$fit->mean, $fit->amplitude, $fit->coldest], 1e-9);
    }

    public function test_no_other_wave_lies_closer(): void
    {
        $months = [-9.5, -7.5, -2.0, 5.5, 12.5, 17.5, 20.0, 19.0, 14.0, 7.5, 1.0, -6.0];
        $fit = AnnualWave::fit($months);
        $miss = static fn (float $a, float $c): float => array_sum(array_map(
            static fn (float $t, int $m): float => ($t - $fit->mean + $a * cos(2 * M_PI * ($m - $c) / 12)) ** 2,
            $months,
            range(1, 12),
        ));
        $best = $miss($fit->amplitude, $fit->coldest);
        foreach ([[0.02, 0.0], [-0.02, 0.0], [0.0, 0.01], [0.0, -0.01]] as [$a, $c]) {
            self::assertGreaterThan($best, $miss($fit->amplitude + $a, $fit->coldest + $c));
        }
    }

    public function test_a_year_without_seasons(): void
    {
        $fit = AnnualWave::fit(array_fill(0, 12, 11.0));
        self::assertEqualsWithDelta([11.0, 0.0], [$fit->mean, $fit->amplitude], 1e-9);
    }
}
