<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff\Counts;

use Ondergrond\Units\Unit as Measure;

/** Sheet from a roll over a rectangle: strips along or across, whichever takes less of it. */
final readonly class Rolls
{
    /**
     * @param  float  $sheet  length off the roll, m
     * @param  float  $seams  m
     */
    private function __construct(
        public int $strips,
        public float $sheet,
        public float $seams,
    ) {}

    /**
     * @param  float  $length  of the rectangle, turn-ups in, m
     * @param  float  $width  m
     * @param  float  $roll  its width, m
     * @param  float  $lap  m, less than the roll is wide
     */
    public static function over(float $length, float $width, float $roll, float $lap): self
    {
        $along = self::strips($length, $width, $roll, $lap);
        $across = self::strips($width, $length, $roll, $lap);

        return $across->sheet < $along->sheet ? $across : $along;
    }

    /** Width of a roll as it is sold, m; common practice, no source. */
    public static function width(bool $metric): float
    {
        return $metric ? 4.0 : 14 * Measure::FOOT;
    }

    private static function strips(float $length, float $width, float $roll, float $lap): self
    {
        $strips = (int) max(1, ceil(round(($width - $lap) / ($roll - $lap), 6)));

        return new self($strips, $strips * $length, ($strips - 1) * $length);
    }
}
