<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

/**
 * Air freezing index of one winter: from the peak to the trough that follows it of the sum of daily means, so that thaws
 * within the winter count against it (US Army TM 5-852-6, 1-2, from memory). Summing cold days alone would overstate it.
 */
final readonly class FreezingIndex
{
    private const HOURS = 24;

    private const FAHRENHEIT = 1.8;

    /**
     * @param  float  $value  °C·d, not negative
     * @param  int  $from  day of the list on which the season begins, counted from 0
     * @param  int  $days  that it lasts; 0 where nothing freezes
     */
    private function __construct(
        public float $value,
        public int $from,
        public int $days,
    ) {}

    /** @param  list<float>  $daily  daily means in order, °C, from one summer to the next */
    public static function ofDays(array $daily): self
    {
        $sum = $peak = $best = 0.0;
        $peakAt = $from = $days = 0;
        foreach ($daily as $i => $t) {
            $sum += $t;
            if ($sum >= $peak) {
                [$peak, $peakAt] = [$sum, $i + 1];
            }
            if ($peak - $sum > $best) {
                [$best, $from, $days] = [$peak - $sum, $peakAt, $i + 1 - $peakAt];
            }
        }

        return new self($best, $from, $days);
    }

    /**
     * The winter of a year that goes round, cut in its warmest days, whichever hemisphere they lie in.
     *
     * @param  non-empty-list<float>  $year  365 daily means, °C, from 1 January
     */
    public static function ofYear(array $year): self
    {
        $cut = self::warmest($year);

        return self::ofDays([...array_slice($year, $cut), ...array_slice($year, 0, $cut)]);
    }

    /**
     * The day on which the first harmonic of a year stands highest.
     *
     * @param  non-empty-list<float>  $year  daily means, °C
     * @return int from 0
     */
    public static function warmest(array $year): int
    {
        $days = count($year);
        $cos = $sin = 0.0;
        foreach ($year as $d => $t) {
            $phase = 2 * M_PI * ($d + 0.5) / $days;
            $cos += $t * cos($phase);
            $sin += $t * sin($phase);
        }

        return ((int) floor(atan2($sin, $cos) / (2 * M_PI) * $days) + $days) % $days;
    }

    public static function kelvinHours(float $index): float
    {
        return self::HOURS * $index;
    }

    public static function fahrenheitDays(float $index): float
    {
        return self::FAHRENHEIT * $index;
    }
}
