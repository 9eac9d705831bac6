<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** The lines of a mesh across one direction: fine where asked, growing smoothly from there. */
final readonly class Axis
{
    /** In a mesh that answers, one that was halved, a cell is at most this many times as wide as the one beside it. */
    public const GROWTH = 1.3;

    /** How fast the size asked for grows with the distance: twice ln(GROWTH), less what rounding adds. */
    private const SLOPE = 0.42;

    /** Cells may come out this much larger than asked, so that there is a whole number of them. */
    private const STRETCH = 1.2;

    /** An interval of fewer cells is fitted to its neighbours by one more, a longer one by its size at that end. */
    private const LONG = 4;

    private const PASSES = 1000;

    /**
     * @param  non-empty-list<float>  $at  where lines must be, rising, m
     * @param  list<array{float, float, int}>  $intervals  between each two: the size of cell at either end, m, and the count before any halving
     */
    private function __construct(
        private array $at,
        private array $intervals,
    ) {}

    /**
     * @param  non-empty-list<float>  $at  where lines must be, rising, m
     * @param  non-empty-array<int, float>  $spacing  the size of cell wanted at each, m
     */
    public static function graded(array $at, array $spacing): self
    {
        $spacing = self::limited($at, $spacing);
        $intervals = [];
        for ($i = 1; $i < count($at); $i++) {
            $intervals[] = self::filled($at[$i] - $at[$i - 1], $spacing[$i - 1], $spacing[$i]);
        }
        // Whole numbers make some intervals finer than their neighbours: those follow.
        for ($pass = 0, $settled = false; ! $settled && $pass < self::PASSES; $pass++) {
            $settled = true;
            for ($i = 1; $i < count($intervals); $i++) {
                $before = self::cellAtEnd($at[$i] - $at[$i - 1], $intervals[$i - 1][1], $intervals[$i - 1][0], $intervals[$i - 1][2]);
                $after = self::cellAtEnd($at[$i + 1] - $at[$i], ...$intervals[$i]);
                if (max($before, $after) > self::GROWTH * min($before, $after)) {
                    $k = $before > $after ? $i - 1 : $i;
                    $intervals[$k] = self::finer($at[$k + 1] - $at[$k], $intervals[$k], $k < $i, 2 * min($before, $after));
                    $settled = false;
                }
            }
        }

        return new self($at, $intervals);
    }

    /** Before any halving. */
    public function cells(): int
    {
        return array_sum(array_column($this->intervals, 2));
    }

    /** @return array{float, float, int} */
    private static function filled(float $length, float $first, float $last): array
    {
        return [$first, $last, max(1, (int) ceil(self::measure($length, $first, $last) / self::STRETCH))];
    }

    /**
     * @param  array{float, float, int}  $interval
     * @param  float  $size  of the cells across the line, m
     * @return array{float, float, int} with smaller cells at its last end, or at its first
     */
    private static function finer(float $length, array $interval, bool $atLast, float $size): array
    {
        [$first, $last, $cells] = $interval;
        if ($cells >= self::LONG && $size < ($atLast ? $last : $first)) {
            [$first, $last] = $atLast ? [$first, $size] : [$size, $last];

            return [$first, $last, max($cells, self::filled($length, $first, $last)[2])];
        }

        return [$first, $last, $cells + 1];
    }

    /** The first cell from an end once all are halved, m. */
    private static function cellAtEnd(float $length, float $first, float $last, int $cells): float
    {
        return self::place($length, $first, $last, 0.5 / $cells);
    }

    /**
     * All lines, those of fewer halvings among them. Halving goes by the law of growth, not by the middle, so that
     * cells keep growing smoothly.
     *
     * @return non-empty-list<float> rising, m
     */
    public function lines(int $halvings): array
    {
        $lines = [$this->at[0]];
        foreach ($this->intervals as $i => [$first, $last, $cells]) {
            $length = $this->at[$i + 1] - $this->at[$i];
            $count = $cells << $halvings;
            for ($n = 1; $n < $count; $n++) {
                $lines[] = $this->at[$i] + self::place($length, $first, $last, $n / $count);
            }
            $lines[] = $this->at[$i + 1];
        }

        return $lines;
    }

    /** How far from its beginning a share of an interval's cells reaches, m. */
    private static function place(float $length, float $first, float $last, float $share): float
    {
        $met = self::meeting($length, $first, $last);
        $rising = log1p(self::SLOPE * $met / $first) / self::SLOPE;
        $all = self::measure($length, $first, $last);
        $part = $all * $share;

        return $part <= $rising
            ? $first * expm1(self::SLOPE * $part) / self::SLOPE
            : $length - $last * expm1(self::SLOPE * ($all - $part)) / self::SLOPE;
    }

    /**
     * No size is larger than growth from a finer one allows.
     *
     * @param  non-empty-list<float>  $at
     * @param  non-empty-array<int, float>  $spacing
     * @return non-empty-array<int, float>
     */
    private static function limited(array $at, array $spacing): array
    {
        for ($i = 1; $i < count($at); $i++) {
            $spacing[$i] = min($spacing[$i], $spacing[$i - 1] + self::SLOPE * ($at[$i] - $at[$i - 1]));
        }
        for ($i = count($at) - 2; $i >= 0; $i--) {
            $spacing[$i] = min($spacing[$i], $spacing[$i + 1] + self::SLOPE * ($at[$i + 1] - $at[$i]));
        }

        return $spacing;
    }

    /** How many cells fit: the integral of 1 ÷ size, the size growing from both ends to where they meet. */
    private static function measure(float $length, float $first, float $last): float
    {
        $met = self::meeting($length, $first, $last);

        return (log1p(self::SLOPE * $met / $first) + log1p(self::SLOPE * ($length - $met) / $last)) / self::SLOPE;
    }

    private static function meeting(float $length, float $first, float $last): float
    {
        return max(0.0, min($length, ($length + ($last - $first) / self::SLOPE) / 2));
    }
}
