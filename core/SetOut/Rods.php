<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

/** Heights by an instrument and a rod, m. */
final readonly class Rods
{
    /**
     * @param  float  $instrument  height of its line of sight, in the survey's heights
     * @param  float|null  $misclosure  of the way back to the benchmark; null where it was not read again
     */
    private function __construct(
        public float $instrument,
        public ?float $misclosure = null,
        public int $setUps = 1,
    ) {}

    /** Of a set-up over two, shared evenly, m; common practice, no source. */
    public const LIMIT = 0.003;

    /** From a back sight on the benchmark. */
    public static function from(float $benchmark, float $backSight): self
    {
        return new self($benchmark + $backSight);
    }

    /** The next set-up, by a turning point that the last one sighted. */
    public function moved(float $foreSight, float $backSight): self
    {
        return new self($this->instrument - $foreSight + $backSight, null, $this->setUps + 1);
    }

    /** Closed on the benchmark from the last set-up: the error is shared among them all. */
    public function closed(float $benchmark, float $read): self
    {
        $error = $this->instrument - $read - $benchmark;

        return new self($this->instrument - $error / $this->setUps * ($this->setUps - 1), $error, $this->setUps);
    }

    public function isWithin(): bool
    {
        return $this->misclosure === null || abs($this->misclosure) <= self::LIMIT * $this->setUps;
    }

    /** What the rod reads on a level. */
    public function rod(float $level): float
    {
        return $this->instrument - $level;
    }

    /** How far over its level a point lies where the rod reads so. */
    public function deviation(float $level, float $read): float
    {
        return $this->instrument - $read - $level;
    }
}
