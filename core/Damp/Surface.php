<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

/** The coldest place of one inside surface of a section, and what the year does there. */
final readonly class Surface
{
    /** Highest monthly humidity at a surface that mould does not grow at, as a share (ISO 13788:2012, 5.1, from memory). */
    public const LIMIT = 0.8;

    /** Surface resistance that furniture and corners leave, m²K/W (ISO 13788:2012, 4.4.1, from memory). */
    public const SHELTERED = 0.25;

    /**
     * @param  string  $side  of the building
     * @param  string  $name  of the boundary
     * @param  float  $x  m, in the section
     * @param  float  $factor  f_Rsi at the sheltered surface resistance, between inside and outdoor air
     * @param  list<float>  $temperatures  in the middle of each month, at the same, °C
     * @param  list<float>  $humidity  of the air at the surface, as shares
     * @param  list<float>  $setBack  the same where rooms are set back in the heating months and hold as much vapour
     * @param  list<float>  $muggy  dew point less surface temperature in each month's most humid spell, K: above 0 water stands on it
     */
    public function __construct(
        public string $side,
        public string $name,
        public float $x,
        public float $y,
        public float $factor,
        public array $temperatures,
        public array $humidity,
        public array $setBack,
        public array $muggy,
    ) {}

    /** Highest humidity of the months over its limit. */
    public function share(): float
    {
        return max([0.0, ...$this->humidity]) / self::LIMIT;
    }

    /** Highest humidity of the months over its limit where rooms are set back in the heating months. */
    public function shareSetBack(): float
    {
        return max([0.0, ...$this->setBack]) / self::LIMIT;
    }

    /** @return list<int> months, 1 to 12, in which mould may grow */
    public function atRisk(): array
    {
        return self::over($this->humidity, self::LIMIT);
    }

    /** @return list<int> the same where rooms are set back */
    public function atRiskSetBack(): array
    {
        return self::over($this->setBack, self::LIMIT);
    }

    /** @return list<int> months in whose most humid spell water stands on it */
    public function sweats(): array
    {
        return self::over($this->muggy, 0.0);
    }

    /** The month that is worst for mould, 1 to 12. */
    public function worstMonth(): int
    {
        return 1 + (int) array_search(max([0.0, ...$this->humidity]), $this->humidity, true);
    }

    /**
     * @param  list<float>  $values
     * @return list<int>
     */
    private static function over(array $values, float $limit): array
    {
        return array_map(
            static fn (int $i): int => $i + 1,
            array_keys(array_filter($values, static fn (float $v): bool => $v > $limit + 1e-9)),
        );
    }
}
