<?php

declare(strict_types=1);

namespace Tests;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** A draw by lot that can be drawn again: SEED and LOT of the environment say another, as bin/lot sets them. */
final readonly class Lot
{
    public Randomizer $random;

    private function __construct(public int $seed, public int $many)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public static function of(int $seed, int $many): self
    {
        return new self(self::given('SEED', $seed), self::given('LOT', $many));
    }

    /** Of one of many things, the same however many came before it. */
    public function for(string $what): self
    {
        return new self($this->seed + crc32($what), $this->many);
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $of
     * @return T
     *
     * @phpstan-impure
     */
    public function one(array $of): mixed
    {
        return $of[$this->random->pickArrayKeys($of, 1)[0]];
    }

    /** @phpstan-impure */
    public function chance(float $share): bool
    {
        return $this->random->getInt(0, 999_999) < 1e6 * $share;
    }

    private static function given(string $name, int $else): int
    {
        $given = getenv($name);

        return $given === false ? $else : (int) $given;
    }
}
