<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

/** Temperatures of a room's network at one moment. */
final readonly class State
{
    /**
     * @param  list<list<float>>  $cells  of each branch, °C
     * @param  bool  $on  whether the floor's heating runs
     */
    public function __construct(
        public float $room,
        public array $cells,
        public bool $on = false,
    ) {}

    /** Everything at one temperature, the ground as cold as it is beyond. */
    public static function even(Room $room, float $temperature): self
    {
        return new self($temperature, array_map(static fn (Branch $b): array => array_fill(0, count($b->capacities), $temperature), $room->branches));
    }
}
