<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/**
 * Twelve monthly means from the few figures that people know of a climate. They carry what they are made from and no more: the
 * months between are those of a smooth wave.
 */
final class YearFrom
{
    /** The second wave of the year is at most this share of the first: with more of it a year has two summers or two winters. */
    private const SECOND = 0.25;

    /** The first wave is looked for up to this, K. */
    private const WIDEST = 45.0;

    private const HALVINGS = 60;

    /**
     * The coldest month, the warmest and the mean of the year: T = M − a·cos θ + b·cos 2θ with a = (W − C)/2 and
     * b = (W + C)/2 − M, which meets all three and is coldest and warmest half a year apart.
     *
     * @param  float  $warmest  its mean, °C
     * @param  float  $coldest  its mean, °C
     * @param  float  $mean  of the year, °C
     * @param  int  $month  the coldest, 1 to 12
     * @return non-empty-list<float> twelve, °C, January first
     *
     * @throws FaultyInput at `/warmest_c`, `/coldest_c` or `/mean_c`
     */
    public static function extremes(float $warmest, float $coldest, float $mean, int $month): array
    {
        self::inRange(['warmest_c' => $warmest, 'coldest_c' => $coldest, 'mean_c' => $mean]);
        if ($warmest < $coldest) {
            throw FaultyInput::one(
                Fault::range('/warmest_c', $warmest, $coldest, Climate::WARMEST_MONTH, 'the warmest month is no colder than the coldest'),
            );
        }
        [$first, $middle] = [($warmest - $coldest) / 2, ($warmest + $coldest) / 2];
        if (abs($middle - $mean) > self::SECOND * $first + 1e-9) {
            throw FaultyInput::one(Fault::range(
                // To tenths inward, so that what is said to be allowed is.
                '/mean_c', $mean, ceil(10 * ($middle - self::SECOND * $first)) / 10, floor(10 * ($middle + self::SECOND * $first)) / 10,
                'the mean of the year lies about midway between the coldest and the warmest month',
            ));
        }

        return self::wave($mean, $first, $middle - $mean, $month);
    }

    /**
     * Heating degree-days and the mean of the year: the one wave that has both.
     *
     * @param  float  $sum  K·d
     * @param  float  $base  that they count below, °C
     * @param  float  $mean  of the year, °C
     * @param  int  $month  the coldest, 1 to 12
     * @param  float  $spread  standard deviation of a day about its month, K
     * @return non-empty-list<float> twelve, °C, January first
     *
     * @throws FaultyInput at `/degree_days_c_d`, `/base_c` or `/mean_c`
     */
    public static function degreeDays(
        float $sum, float $base, float $mean, int $month, float $spread = FrostBasis::SPREAD,
    ): array {
        self::inRange(['base_c' => $base, 'mean_c' => $mean]);
        $of = static fn (float $first): float => DegreeDays::of(self::wave($mean, $first, 0.0, $month), $base, $spread);
        // Months may not leave what files take.
        $widest = min(self::WIDEST, Climate::WARMEST_MONTH - $mean, $mean - Climate::COLDEST_MONTH);
        [$least, $most] = [$of(0.0), $of($widest)];
        if ($sum < $least - 0.5 || $sum > $most + 0.5) {
            throw FaultyInput::one(Fault::range(
                '/degree_days_c_d', $sum, ceil($least), floor($most), 'what a year of that mean can have below that base',
            ));
        }
        [$low, $high] = [0.0, $widest];
        for ($n = 0; $n < self::HALVINGS; $n++) {
            $middle = ($low + $high) / 2;
            if ($of($middle) < $sum) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return self::wave($mean, ($low + $high) / 2, 0.0, $month);
    }

    /** @return non-empty-list<float> to a ten-thousandth of a degree */
    private static function wave(float $mean, float $first, float $second, int $month): array
    {
        return array_map(static function (int $m) use ($mean, $first, $second, $month): float {
            $phase = 2 * M_PI * ($m - $month) / 12;

            return round($mean - $first * cos($phase) + $second * cos(2 * $phase), 4);
        }, range(1, 12));
    }

    /**
     * @param  array<string, float>  $temperatures  by key
     *
     * @throws FaultyInput
     */
    private static function inRange(array $temperatures): void
    {
        $faults = [];
        foreach ($temperatures as $key => $t) {
            if ($t < Climate::COLDEST_MONTH || $t > Climate::WARMEST_MONTH) {
                $faults[] = Fault::range("/{$key}", $t, Climate::COLDEST_MONTH, Climate::WARMEST_MONTH);
            }
        }
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
    }
}
