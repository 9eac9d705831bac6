<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

/** Temperatures of a room's network at one moment. */
final readonly class RoomTemperatures
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

    /** Rooms kept long at a temperature, with as much beyond: every branch on its straight line of resistances. */
    public static function steady(Room $room, float $air, float $outside, float $beyond): self
    {
        $cells = [];
        foreach ($room->branches as $b => $branch) {
            $end = $branch->ground ? $beyond : $outside;
            // From beyond inward: resistance up to each cell's middle, K/W.
            $r = 1 / $branch->far;
            $below = [];
            for ($i = count($branch->capacities) - 1; $i >= 0; $i--) {
                $below[$i] = $r;
                $r += $i > 0 ? 1 / ($branch->conductances[$i - 1] ?? INF) : ($branch->near + $room->film($b)) / $branch->area;
            }
            ksort($below);
            $cells[] = array_values(array_map(static fn (float $s): float => $end + ($air - $end) * $s / $r, $below));
        }

        return new self($air, $cells);
    }
}
