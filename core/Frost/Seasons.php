<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Days from monthly means: the smooth year through them, and winters that stray from it as weather does. */
final class Seasons
{
    public const DAYS = 365;

    /** Harmonics of the year that monthly means tell. */
    private const HARMONICS = 4;

    /** What a day keeps of how far the day before strayed; common practice, no source. */
    private const PERSISTENCE = 0.8;

    /** Winters come in pairs, one as much milder as the other is colder, so that few of them give the mean. */
    private const PAIRS = 60;

    /** @var array<string, float> mean indices that were worked out in this process */
    private static array $means = [];

    /** So that the same months always give the same winters. */
    private const SEED = 13_793;

    /**
     * Mean and four harmonics, each enlarged by what averaging over a month takes off it.
     *
     * @param  list<float>  $monthly  twelve, °C, January first
     * @return non-empty-list<float> 365 daily means from 1 January, °C
     */
    public static function smooth(array $monthly): array
    {
        $mean = array_sum($monthly) / 12;
        $waves = [];
        for ($k = 1; $k <= self::HARMONICS; $k++) {
            $cos = $sin = 0.0;
            foreach ($monthly as $i => $t) {
                $cos += $t * cos(2 * M_PI * $k * ($i + 0.5) / 12) / 6;
                $sin += $t * sin(2 * M_PI * $k * ($i + 0.5) / 12) / 6;
            }
            $averaged = sin(M_PI * $k / 12) / (M_PI * $k / 12);
            $waves[$k] = [$cos / $averaged, $sin / $averaged];
        }

        return array_map(static function (int $d) use ($mean, $waves): float {
            $t = $mean;
            foreach ($waves as $k => [$cos, $sin]) {
                $phase = 2 * M_PI * $k * ($d + 0.5) / self::DAYS;
                $t += $cos * cos($phase) + $sin * sin($phase);
            }

            return $t;
        }, range(0, self::DAYS - 1));
    }

    /**
     * The mean index of winters whose days stray from the smooth year: a first-order autoregressive series, the same hundred
     * and twenty winters each time.
     *
     * @param  non-empty-list<float>  $year  365 daily means from 1 January, °C
     * @param  float  $spread  standard deviation of a day, K
     * @return float °C·d
     */
    public static function meanIndex(array $year, float $spread): float
    {
        if ($spread <= 0.0) {
            return FreezingIndex::ofYear($year)->value;
        }
        $key = hash('xxh3', serialize([$year, $spread]));
        if (isset(self::$means[$key])) {
            return self::$means[$key];
        }
        // From summer to summer, so that winters of both hemispheres stray alike.
        $cut = FreezingIndex::warmest($year);
        $round = [...array_slice($year, $cut), ...array_slice($year, 0, $cut)];
        $lot = new Randomizer(new Mt19937(self::SEED));
        $fresh = $spread * sqrt(1 - self::PERSISTENCE ** 2);
        $stray = $sum = 0.0;
        $pair = [0.0, 0.0];
        for ($n = 0; $n < self::PAIRS; $n++) {
            // As FreezingIndex::ofDays has it, of both at once: the deepest fall below the peak so far.
            $mild = $cold = $fallMild = $fallCold = 0.0;
            foreach ($round as $d => $t) {
                // Two at a time.
                $pair = $d % 2 === 0 ? self::normal($lot) : $pair;
                $stray = self::PERSISTENCE * $stray + $fresh * $pair[$d % 2];
                $mild = min(0.0, $mild + $t + $stray);
                $cold = min(0.0, $cold + $t - $stray);
                $fallMild = min($fallMild, $mild);
                $fallCold = min($fallCold, $cold);
            }
            $sum -= $fallMild + $fallCold;
        }

        return self::$means[$key] = $sum / (2 * self::PAIRS);
    }

    /**
     * Of the standard normal distribution (Box and Muller 1958).
     *
     * @return array{float, float}
     */
    private static function normal(Randomizer $lot): array
    {
        $far = sqrt(-2 * log(($lot->getInt(0, 999_999_999) + 1) / 1_000_000_000));
        $way = 2 * M_PI * $lot->getInt(0, 999_999_999) / 1_000_000_000;

        return [$far * cos($way), $far * sin($way)];
    }
}
