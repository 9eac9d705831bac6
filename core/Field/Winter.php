<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** Temperatures day by day: what a section goes through when its water freezes and thaws. */
final readonly class Winter
{
    /**
     * @param  array<string, list<float>>  $days  °C of each day by boundary name; boundaries that are not named keep their temperature
     * @param  float|null  $start  °C all over at the beginning; null: the steady field of the boundaries' own temperatures
     * @param  array<string, float>  $lines  x in m of upright lines under which the front is wanted, by name
     */
    public function __construct(
        public array $days,
        public ?float $start = null,
        public array $lines = [],
    ) {}

    public function length(): int
    {
        return $this->days === [] ? 0 : count($this->days[array_key_first($this->days)]);
    }

    /** @return array<string, float> by boundary name, of one day, counted from 0 */
    public function day(int $day): array
    {
        return array_map(static fn (array $values): float => $values[$day], $this->days);
    }
}
