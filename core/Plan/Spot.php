<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** A point that is set out. */
final readonly class Spot
{
    /**
     * @param  string  $end  which of its item, for people; empty where it has one
     * @param  float  $x  m
     * @param  float  $y  m
     * @param  float  $level  over the ground at the common edge, m
     */
    public function __construct(
        public string $end,
        public float $x,
        public float $y,
        public float $level,
    ) {}
}
