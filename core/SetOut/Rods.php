<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** Heights by an instrument and a rod, from one set-up to the next, m. */
final readonly class Rods
{
    /** Of a set-up, shared evenly, m; common practice, no source. */
    public const LIMIT = 0.003;

    /** No rod is longer, m. */
    public const LONGEST = 8.0;

    /**
     * @param  non-empty-list<float>  $instruments  height of the line of sight of each set-up, in the survey's heights
     * @param  list<float>  $turnings  level of the point between each set-up and the next
     * @param  float|null  $misclosure  of the way back to the benchmark; null where it was not read again
     */
    private function __construct(
        public array $instruments,
        public array $turnings = [],
        public ?float $misclosure = null,
    ) {}

    /**
     * From a back sight on the benchmark.
     *
     * @throws FaultyInput where no rod reads so
     */
    public static function from(float $benchmark, float $backSight): self
    {
        return new self([$benchmark + self::read('/back_sight', $backSight)]);
    }

    /**
     * The next set-up, by a turning point that the last one sighted.
     *
     * @throws FaultyInput where no rod reads so
     */
    public function moved(float $foreSight, float $backSight): self
    {
        $turning = $this->instrument() - self::read('/fore_sight', $foreSight);

        return new self([...$this->instruments, $turning + self::read('/back_sight', $backSight)], [...$this->turnings, $turning]);
    }

    /**
     * Closed on the benchmark from the last set-up: the error is shared among them all.
     *
     * @throws FaultyInput where no rod reads so
     */
    public function closed(float $benchmark, float $read): self
    {
        $error = $this->instrument() - self::read('/closing', $read) - $benchmark;
        $share = $error / count($this->instruments);

        return new self(
            array_map(static fn (float $h, int $i): float => $h - $i * $share, $this->instruments, array_keys($this->instruments)),
            array_map(static fn (float $t, int $i): float => $t - ($i + 1) * $share, $this->turnings, array_keys($this->turnings)),
            $error,
        );
    }

    /** Height of the last set-up's line of sight. */
    public function instrument(): float
    {
        return $this->instruments[count($this->instruments) - 1];
    }

    public function setUps(): int
    {
        return count($this->instruments);
    }

    /** What the misclosure may be. */
    public function limit(): float
    {
        return self::LIMIT * $this->setUps();
    }

    public function isWithin(): bool
    {
        return $this->misclosure === null || abs($this->misclosure) <= $this->limit() + 1e-9;
    }

    /** What the rod reads on a level; negative where the line of sight lies below it. */
    public function rod(float $level): float
    {
        return $this->instrument() - $level;
    }

    /** How far over its level a point lies where the rod reads so. */
    public function deviation(float $level, float $read): float
    {
        return $this->instrument() - $read - $level;
    }

    /** @throws FaultyInput */
    private static function read(string $pointer, float $m): float
    {
        return is_finite($m) && $m >= 0.0 && $m <= self::LONGEST ? $m
            : throw FaultyInput::one(Fault::range($pointer, $m, 0.0, self::LONGEST, 'm on a rod'));
    }
}
