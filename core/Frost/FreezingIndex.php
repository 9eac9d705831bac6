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
     * The winter in the middle of a year that goes round.
     *
     * @param  non-empty-list<float>  $year  365 daily means, °C, from 1 January
     */
    public static function ofYear(array $year): self
    {
        $half = intdiv(count($year), 2);

        return self::ofDays([...array_slice($year, $half), ...array_slice($year, 0, $half)]);
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
