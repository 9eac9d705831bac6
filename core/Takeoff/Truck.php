<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

/** One pour's concrete as it comes: full loads and a rest. */
final readonly class Truck
{
    /** Of a load, m³: 10 yd³; 8 in metric countries. Common practice, no source. */
    public const AMERICAN = 7.6;

    public const EUROPEAN = 8.0;

    /** Less than this is a part load that is hard to get, m³. */
    public const LEAST = 1.0;

    /**
     * @param  string  $pour  which it is for
     * @param  float  $volume  with waste, m³
     * @param  float  $load  m³
     */
    public function __construct(
        public string $pour,
        public float $volume,
        public float $load,
    ) {}

    public function full(): int
    {
        return (int) floor(round($this->volume / $this->load, 9));
    }

    /** m³. */
    public function rest(): float
    {
        return max(0.0, $this->volume - $this->full() * $this->load);
    }

    /** Trucks that come. */
    public function count(): int
    {
        return $this->full() + ($this->rest() > 1e-9 ? 1 : 0);
    }

    /** What the rest asks to be thought of, in words; empty where nothing does. */
    public function caution(): string
    {
        return $this->rest() > 1e-9 && $this->rest() < self::LEAST && $this->full() > 0
            ? 'The last load is a small one: ask what a part load costs, or spread it over the others.'
            : '';
    }
}
