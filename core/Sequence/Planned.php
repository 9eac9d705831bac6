<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

/** A task with its times, as the site's clock counts them (Calendar). */
final readonly class Planned
{
    /**
     * @param  float  $start  earliest
     * @param  float  $finish  earliest, what it waits for after its work in
     * @param  float  $latest  start that delays nothing
     * @param  float  $slack  working hours
     * @param  bool  $isDriving  it decides when the last task ends
     */
    public function __construct(
        public Task $task,
        public float $start,
        public float $finish,
        public float $latest,
        public float $slack,
        public bool $isDriving,
    ) {}

    public function isCritical(): bool
    {
        return $this->isDriving || $this->slack < 1 / 60;
    }
}
