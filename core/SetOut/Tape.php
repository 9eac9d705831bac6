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

    public function __construct(
        public string $from,
        public string $to,
        public float $m,
    ) {}

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
