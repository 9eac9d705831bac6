<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

/**
 * The index that a winter exceeds once in so many years: Gumbel's distribution by its moments (Chow 1951, from memory: once in
 * a hundred years K = 3.137). Winters without frost are kept apart: the distribution is that of the others, and its years
 * count only their share.
 */
final readonly class ExtremeWinter
{
    private const EULER = 0.577215664901533;

    /** Below this a winter on record counts as one without frost, °C·d. */
    private const FROST = 1.0;

    /** Winters on record that make a distribution. */
    public const FEWEST = 10;

    private function __construct(
        public float $index,
        public string $method,
    ) {}

    /** K of Gumbel's distribution: standard deviations above the mean. */
    public static function factor(float $years): float
    {
        return -sqrt(6) / M_PI * (self::EULER + log(-log(1 - 1 / $years)));
    }

    /**
     * @param  float  $mean  of the yearly index, °C·d
     * @param  float  $variation  standard deviation ÷ mean
     */
    public static function fromMean(float $mean, float $variation, float $years): self
    {
        return new self(max(0.0, $mean * (1 + self::factor($years) * $variation)), 'Gumbel, from mean and coefficient of variation');
    }

    /** @param  non-empty-list<float>  $winters  index of each winter on record, °C·d */
    public static function fromRecord(array $winters, float $years): self
    {
        $cold = array_values(array_filter($winters, static fn (float $w): bool => $w >= self::FROST));
        $share = count($cold) / count($winters);
        $among = $years * $share;
        $method = $share < 1.0 ? sprintf(
            'Gumbel over %d of %d winters with frost, by moments',
            count($cold),
            count($winters),
        ) : sprintf('Gumbel over %d winters, by moments', count($cold));
        if (count($cold) < 2 || $among <= 1.0) {
            return new self(
                $cold === [] ? 0.0 : max($cold),
                $cold === [] ? sprintf('no frost in %d winters', count($winters)) : "{$method}: too few, the coldest is taken",
            );
        }
        $mean = array_sum($cold) / count($cold);
        $deviation = sqrt(array_sum(array_map(static fn (float $w): float => ($w - $mean) ** 2, $cold)) / (count($cold) - 1));

        // Never below what has been.
        return new self(max(max($cold), $mean + self::factor($among) * $deviation), $method);
    }
}
