<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

/** What a task waits for, and why. */
final readonly class After
{
    /**
     * @param  string  $id  of the other task
     * @param  string  $why  a clause
     * @param  float  $lag  h on the clock, day and night
     * @param  bool  $fromStart  counted from the other's start rather than its finish
     */
    public function __construct(
        public string $id,
        public string $why,
        public float $lag = 0.0,
        public bool $fromStart = false,
    ) {}
}
