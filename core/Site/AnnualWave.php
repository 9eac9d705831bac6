<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** A year as its mean and one cosine: T(m) = mean − amplitude · cos(2π(m − coldest)/12), m in months, 1 = January. */
final readonly class AnnualWave
{
    /**
     * @param  float  $mean  °C
     * @param  float  $amplitude  K, not negative
     * @param  float  $coldest  month number of the coldest moment, 0.5 up to 12.5 (1.0 = the middle of January)
     */
    private function __construct(
        public float $mean,
        public float $amplitude,
        public float $coldest,
    ) {}

    /** @param  float  $coldest month number, any real */
    public static function of(float $mean, float $amplitude, float $coldest): self
    {
        $month = fmod(fmod($coldest - 0.5, 12.0) + 12.0, 12.0) + 0.5;

        return new self($mean, $amplitude, $month);
    }

    /**
     * Least squares over the twelve months, which for equally spaced values is the first Fourier coefficient.
     * The amplitude stays that of monthly means (averaging takes 1.1 % off a sine), since what is computed from it
     * are monthly means again.
     *
     * @param  list<float>  $monthly  twelve monthly means, °C, January first
     */
    public static function fit(array $monthly): self
    {
        $cos = $sin = 0.0;
        foreach ($monthly as $i => $value) {
            $cos += $value * cos(2 * M_PI * ($i + 1) / 12) / 6;
            $sin += $value * sin(2 * M_PI * ($i + 1) / 12) / 6;
        }
        $amplitude = hypot($cos, $sin);
        $coldest = $amplitude < 1e-9 ? 1.0 : atan2(-$sin, -$cos) * 12 / (2 * M_PI);

        return self::of(array_sum($monthly) / 12, $amplitude, $coldest);
    }
}
