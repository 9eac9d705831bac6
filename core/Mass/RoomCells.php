<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

/**
 * The cells of a room's branches in flat lists, branch after branch, each from the room outward. One step is solved exactly: the
 * branches are eliminated from their far ends to the room, T_i = P_i + R_i·T_{i−1}, and solved back from it.
 */
final class RoomCells
{
    /**
     * Of the sun through glass, what falls on the floor and what warms the air at once; walls and ceiling get the rest. Common
     * practice, no source.
     */
    private const ON_FLOOR = 0.6;

    public const TO_AIR = 0.1;

    /** @var array<int, float> °C */
    public array $temperatures = [];

    /** @var array<int, float> W/K in a step */
    private array $capacities = [];

    /** @var array<int, float> W/K, inward: to the cell before, of a branch's first to the room; the floor's by each step */
    private array $inward = [];

    /** @var array<int, float> °C */
    private array $fixed = [];

    /** @var array<int, float> how far a cell follows the one before */
    private array $follows = [];

    /** @var array<int, int> the first cell of each branch */
    private array $from = [];

    /** @var array<int, int> its last */
    private array $to = [];

    /** @var array<int, float> W/K, from its last cell outward */
    private array $far = [];

    /** @var array<int, bool> whether it ends in the ground */
    private array $ground = [];

    /** @var array<int, float> its share of the sun */
    private array $sun = [];

    /** @param  float  $step  s */
    public function __construct(private readonly Room $room, RoomTemperatures $start, float $step)
    {
        foreach ($room->branches as $b => $branch) {
            $this->from[$b] = count($this->capacities);
            foreach ($branch->capacities as $i => $capacity) {
                $this->capacities[] = $capacity / $step;
                $this->inward[] = $i === 0
                    ? $branch->area / ($room->film($b) + $branch->near)
                    : $branch->conductances[$i - 1];
                $this->temperatures[] = $start->cells[$b][$i];
            }
            $this->to[$b] = count($this->capacities) - 1;
            $this->far[$b] = $branch->far;
            $this->ground[$b] = $branch->ground;
        }
        $others = array_sum(array_map(static fn (Branch $b): float => $b->area, array_slice($room->branches, 1)));
        foreach ($room->branches as $b => $branch) {
            $this->sun[$b] = $b === 0 ? self::ON_FLOOR : (1 - self::ON_FLOOR - self::TO_AIR) * $branch->area / $others;
        }
        $this->fixed = $this->follows = array_fill(0, count($this->capacities), 0.0);
    }

    /** The floor's face, °C, with the room so warm and everything at rest. */
    public function surface(float $air): float
    {
        return $air - ($air - $this->temperatures[0]) * $this->inward[0] / $this->room->branches[0]->area * $this->room->film(0);
    }

    /**
     * From the far ends to the room.
     *
     * @param  array{float, float}  $balance  the room's own: W/K and W
     * @param  float  $floor  W/K from the room into the floor
     * @param  float  $sun  W through glass
     * @param  int  $cell  the one that is heated
     * @param  float  $heat  W into it
     * @param  float  $side  W/K to the water in it
     * @return array{float, float} the balance with the branches
     */
    public function eliminate(array $balance, float $te, float $tg, float $floor, float $sun, int $cell, float $heat, float $side): array
    {
        [$a, $r] = $balance;
        $this->inward[0] = $floor;
        // In locals, which are read faster; what is let go of meanwhile is not copied.
        $C = $this->capacities;
        $G = $this->inward;
        $T = $this->temperatures;
        $P = $this->fixed;
        $R = $this->follows;
        $this->fixed = $this->follows = [];
        $to = $this->to;
        $ground = $this->ground;
        $far = $this->far;
        $share = $this->sun;
        foreach ($this->from as $b => $first) {
            $p = $ground[$b] ? $tg : $te;
            $q = 0.0;
            $g = $far[$b];
            for ($i = $to[$b]; $i >= $first; $i--) {
                $up = $G[$i];
                $load = $C[$i] * $T[$i];
                $d = $C[$i] + $up + $g * (1.0 - $q);
                if ($i === $first) {
                    $load += $sun * $share[$b];
                }
                if ($i === $cell) {
                    $load += $heat;
                    $d += $side;
                }
                $p = ($load + $g * $p) / $d;
                $q = $up / $d;
                $P[$i] = $p;
                $R[$i] = $q;
                $g = $up;
            }
            $a += $g * (1.0 - $q);
            $r += $g * $p;
        }
        $this->fixed = $P;
        $this->follows = $R;

        return [$a, $r];
    }

    /**
     * And back from a room so warm.
     *
     * @param  float  $out  W that leave past the branches
     * @return array{float, float} W to the outside in all, W to the ground
     */
    public function follow(float $room, float $te, float $tg, float $out): array
    {
        $T = $this->temperatures;
        $P = $this->fixed;
        $R = $this->follows;
        $to = $this->to;
        $ground = $this->ground;
        $far = $this->far;
        $this->temperatures = [];
        $down = 0.0;
        foreach ($this->from as $b => $i) {
            $last = $room;
            for ($stop = $to[$b]; $i <= $stop; $i++) {
                $last = $P[$i] + $R[$i] * $last;
                $T[$i] = $last;
            }
            if ($ground[$b]) {
                $down += $far[$b] * ($last - $tg);
            } else {
                $out += $far[$b] * ($last - $te);
            }
        }
        $this->temperatures = $T;

        return [$out, $down];
    }

    /** J in a step's seconds, over 0 °C. */
    public function heat(): float
    {
        $sum = 0.0;
        foreach ($this->temperatures as $i => $t) {
            $sum += $this->capacities[$i] * $t;
        }

        return $sum;
    }

    /**
     * What the floor holds over a reference, as heat() does.
     *
     * @param  list<float>  $warm  how much of each of its cells counts
     */
    public function held(array $warm, float $reference): float
    {
        $sum = 0.0;
        foreach ($warm as $i => $share) {
            $sum += $share * $this->capacities[$i] * ($this->temperatures[$i] - $reference);
        }

        return $sum;
    }

    /** @return list<float> °C, of one branch from the room outward */
    public function branch(int $b): array
    {
        return array_slice(array_values($this->temperatures), $this->from[$b], $this->to[$b] - $this->from[$b] + 1);
    }
}
