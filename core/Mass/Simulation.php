<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

/**
 * A room's network through hours, implicit in steps of ten minutes: every step is one exact solution of its own balance,
 * so that no heat is lost or made. Branches are eliminated from their far ends to the room's node and solved back; a
 * heater that holds the room is solved with it. Films, blinds, windows and the floor's thermostat go by the step before.
 *
 * Cells stand in flat lists, branch after branch, each from the room outward.
 */
final class Simulation
{
    private const STEP = 600.0;

    private const STEPS = 6;

    /**
     * Of the sun through glass, what falls on the floor and what warms the air at once; walls and ceiling get the rest. Common practice,
     * no source.
     */
    private const ON_FLOOR = 0.6;

    private const TO_AIR = 0.1;

    /**
     * The floor's thermostat switches so far from what is asked, K; water is as warm as the weather asks unless the room is a kelvin
     * cold.
     */
    private const HYSTERESIS = 0.1;

    private const COLD = 1.0;

    /** Upward from a warm floor, W/(m²K): 8.92·Δθ^0.1 (EN 1264-2); downward to a cool one by R_si. */
    private const UPWARD = 8.92;

    private const EXPONENT = 0.1;

    /**
     * @param  bool  $cells  whether the floor's temperatures are kept for every hour
     */
    public static function run(Room $room, Regime $regime, Forcing $forcing, RoomTemperatures $start, bool $cells = false): Run
    {
        // Where each branch begins, and its cells one after another.
        $count = count($room->branches);
        $from = $to = $near = $far = $ground = $area = [];
        $C = $G = $T = $sunShare = [];
        $others = 0.0;
        foreach ($room->branches as $b => $branch) {
            $from[$b] = count($C);
            foreach ($branch->capacities as $i => $capacity) {
                $C[] = $capacity / self::STEP;
                $G[] = $branch->conductances[$i] ?? 0.0;
                $T[] = $start->cells[$b][$i];
            }
            $to[$b] = count($C) - 1;
            $far[$b] = $branch->far;
            $ground[$b] = $branch->ground;
            $area[$b] = $branch->area;
            $near[$b] = $branch->area / ($room->film($b) + $branch->near);
            $others += $b === 0 ? 0.0 : $branch->area;
        }
        foreach (array_keys($room->branches) as $b) {
            $sunShare[$b] = $b === 0 ? self::ON_FLOOR : (1 - self::ON_FLOOR - self::TO_AIR) * $area[$b] / $others;
        }
        $n = count($C);
        $Q = array_fill(0, $n, 0.0);
        $P = array_fill(0, $n, 0.0);
        $R = array_fill(0, $n, 0.0);
        $floor = $room->branches[0];
        $bare = $floor->near;
        $floorEnd = $to[0];
        $warm = $floor->warm;
        $cell = $room->source ?? 0;
        $byFloor = $regime->byFloor && $room->source !== null;
        $pipes = $floor->area / max(1e-4, $regime->pipes);
        $load = max(1.0, $room->designLoad());
        $designDrop = max(1.0, $room->set() - $room->site->climate->design);
        $gains = $room->site->room->gains * $room->area;
        $capacity = $room->capacity / self::STEP;
        $reference = $room->set();

        $air = $start->room;
        $on = $start->on;
        $surface = $air - ($air - $T[0]) * $near[0] / $floor->area * $room->film(0);
        $out = $rooms = $surfaces = $kept = $heats = $surpluses = $suns = $toRooms = $grounds = $outs = $stores = [];
        $sums = ['heat' => 0.0, 'surplus' => 0.0, 'sun' => 0.0, 'gains' => 0.0, 'out' => 0.0, 'ground' => 0.0, 'stored' => 0.0];
        $before = self::heat($C, $T, 0, $n) + $capacity * $air;
        $hours = $forcing->hours();
        for ($h = 0; $h < $hours; $h++) {
            $te = $forcing->outside[$h];
            $tg = $forcing->beyond[$h];
            $set = $forcing->set[$h];
            $sun0 = $forcing->sun[$h];
            $extra = $room->source === null ? 0.0 : $forcing->surplus[$h];
            $sumHeat = $sumSurplus = $sumSun = $sumRoom = $sumGround = $sumOut = 0.0;
            for ($s = 0; $s < self::STEPS; $s++) {
                $warmRoom = $air > $regime->warm;
                $sun = $warmRoom ? $sun0 * $room->site->room->blinds : $sun0;
                $direct = $room->direct + ($warmRoom && $te < $air ? $room->openWindows : 0.0);
                $over = $surface - $air;
                $film = $over > 0.05 ? self::UPWARD * $over ** self::EXPONENT : 1 / MassStack::FLOOR_R;
                $g0 = $floor->area / ($bare + 1 / $film);
                $near[0] = $g0;
                for ($i = 0; $i < $n; $i++) {
                    $Q[$i] = $C[$i] * $T[$i];
                }
                for ($b = 0; $b < $count; $b++) {
                    $Q[$from[$b]] += $sun * $sunShare[$b];
                }
                // The floor's own heating: by thermostat, and what panels leave over.
                $side = $fixed = 0.0;
                if ($byFloor) {
                    if ($set === null || $surface > $regime->surface) {
                        $on = false;
                    } elseif ($air < $set - self::HYSTERESIS) {
                        $on = true;
                    } elseif ($air > $set + self::HYSTERESIS) {
                        $on = false;
                    }
                    if ($on) {
                        $most = $air < $set - self::COLD ? $regime->heater : min(
                            $regime->heater,
                            1.3 * $load * max(0.15, ($set - $te) / $designDrop),
                        );
                        if ($regime->water !== null && $pipes * ($regime->water - $T[$cell]) < $most) {
                            $side = $regime->water > $T[$cell] ? $pipes : 0.0;
                        } else {
                            $fixed = $most;
                        }
                    }
                }
                $charge = $surface < $regime->surface && ! $warmRoom ? $extra : 0.0;
                $Q[$cell] += $fixed + $charge + $side * ($regime->water ?? 0.0);

                // From the far ends to the room: T_i = P_i + R_i·T_{i−1}.
                $a = $capacity + $direct;
                $r = $capacity * $air + $direct * $te + $gains + self::TO_AIR * $sun;
                for ($b = 0; $b < $count; $b++) {
                    $first = $from[$b];
                    $i = $to[$b];
                    $end = $ground[$b] ? $tg : $te;
                    $p = $end;
                    $q = 0.0;
                    $g = $far[$b];
                    while (true) {
                        $up = $i === $first ? $near[$b] : $G[$i - 1];
                        $d = $C[$i] + $up + $g * (1.0 - $q) + ($b === 0 && $i === $cell ? $side : 0.0);
                        $p = ($Q[$i] + $g * $p) / $d;
                        $q = $up / $d;
                        $P[$i] = $p;
                        $R[$i] = $q;
                        if ($i === $first) {
                            break;
                        }
                        $g = $up;
                        $i--;
                    }
                    $a += $near[$b] * (1.0 - $q);
                    $r += $near[$b] * $p;
                }
                $given = 0.0;
                $now = $r / $a;
                if (! $byFloor && $set !== null && $now < $set) {
                    $given = min($regime->heater, $a * $set - $r);
                    $now = ($r + $given) / $a;
                }
                // And back.
                $outward = $direct * ($now - $te);
                $down = 0.0;
                for ($b = 0; $b < $count; $b++) {
                    $last = $now;
                    for ($i = $from[$b], $stop = $to[$b]; $i <= $stop; $i++) {
                        $last = $P[$i] + $R[$i] * $last;
                        $T[$i] = $last;
                    }
                    if ($ground[$b]) {
                        $down += $far[$b] * ($last - $tg);
                    } else {
                        $outward += $far[$b] * ($last - $te);
                    }
                }
                $air = $now;
                $flow = $g0 * ($T[0] - $air);
                $surface = $air + $flow / $floor->area / $film;
                $sumHeat += $given + $fixed + ($side > 0.0 ? $side * (($regime->water ?? 0.0) - $T[$cell]) : 0.0);
                $sumSurplus += $charge;
                $sumSun += $sun;
                $sumRoom += $flow;
                $sumGround += $down;
                $sumOut += $outward;
            }
            $out[] = $te;
            $rooms[] = $air;
            $surfaces[] = $surface;
            $heats[] = $sumHeat / self::STEPS;
            $surpluses[] = $sumSurplus / self::STEPS;
            $suns[] = $sumSun / self::STEPS;
            $toRooms[] = $sumRoom / self::STEPS;
            $grounds[] = $sumGround / self::STEPS;
            $outs[] = $sumOut / self::STEPS;
            $stores[] = self::STEP * self::held($C, $T, $warm, $reference) * Run::KWH;
            if ($cells) {
                $kept[] = array_slice($T, 0, $floorEnd + 1);
            }
            $sums['heat'] += $sumHeat;
            $sums['surplus'] += $sumSurplus;
            $sums['sun'] += $sumSun;
            $sums['gains'] += self::STEPS * $gains;
            $sums['out'] += $sumOut;
            $sums['ground'] += $sumGround;
        }
        $sums['stored'] = self::heat($C, $T, 0, $n) + $capacity * $air - $before;
        // A run has at least an hour.
        assert($rooms !== []);
        $states = [];
        foreach (array_keys($room->branches) as $b) {
            $states[] = array_slice($T, $from[$b], $to[$b] - $from[$b] + 1);
        }

        return new Run(
            $room, $out, $rooms, $surfaces, $kept, $heats, $surpluses, $suns, $toRooms, $grounds, $outs, $stores,
            array_map(static fn (float $s): float => $s * self::STEP * Run::KWH, $sums), new RoomTemperatures($air, $states, $on),
        );
    }

    /**
     * @param  array<int, float>  $C  W/K in a step
     * @param  array<int, float>  $T  °C
     * @param  list<float>  $warm  how much of each cell counts
     */
    private static function held(array $C, array $T, array $warm, float $reference): float
    {
        $sum = 0.0;
        foreach ($warm as $i => $share) {
            $sum += $share * $C[$i] * ($T[$i] - $reference);
        }

        return $sum;
    }

    /**
     * @param  array<int, float>  $C  W/K in a step
     * @param  array<int, float>  $T  °C
     */
    private static function heat(array $C, array $T, int $from, int $to): float
    {
        $sum = 0.0;
        for ($i = $from; $i < $to; $i++) {
            $sum += $C[$i] * $T[$i];
        }

        return $sum;
    }
}
