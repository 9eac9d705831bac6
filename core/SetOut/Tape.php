<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

/** A length as it was read between two corners. */
final readonly class Tape
{
    /** Of steel, 1/K. */
    public const EXPANSION = 11.6e-6;

    /** At which tapes are marked, °C. */
    public const MARKED = 20.0;

    /** Of a reading by a hand that pulls as usual, m; common practice, no source. */
    public const SIGMA = 0.002;

    /**
     * @param  float  $m  at the temperature that tapes are marked at
     * @param  TapeClass|null  $class  null: not said
     */
    public function __construct(
        public string $from,
        public string $to,
        public float $m,
        public ?TapeClass $class = null,
    ) {}

    /** Standard deviation, m: of the hand, and of the tape's marks spread evenly over what its class lets them be off. */
    public function deviation(): float
    {
        return hypot(self::SIGMA, ($this->class?->error($this->m) ?? 0.0) / sqrt(3));
    }

    public function touches(string $corner): bool
    {
        return $this->from === $corner || $this->to === $corner;
    }

    public function name(): string
    {
        return "{$this->from}–{$this->to}";
    }

    /** The true length where a steel tape at that temperature reads so much: a cold one is short and reads long. */
    public static function corrected(float $read, float $celsius): float
    {
        return $read * (1 + self::EXPANSION * ($celsius - self::MARKED));
    }

    /** What it reads of a true length. */
    public static function reads(float $true, float $celsius): float
    {
        return $true / (1 + self::EXPANSION * ($celsius - self::MARKED));
    }
}
