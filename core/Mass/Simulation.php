<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

/**
 * A room's network through hours, implicit in steps of ten minutes: every step is one exact solution of its own balance
 * (`RoomCells`), so that no heat is lost or made; a heater that holds the room is solved with it. Films, blinds, windows and the
 * floor's thermostat go by the step before.
 */
final class Simulation
{
    /** s */
    private const STEP = 600.0;

    private const STEPS = 6;

    /** Upward from a warm floor, W/(m²K): 8.92·Δθ^0.1 (EN 1264-2); downward to a cool one by R_si. */
    private const UPWARD = 8.92;

    private const EXPONENT = 0.1;

    private readonly RoomCells $cells;

    private readonly FloorThermostat $thermostat;

    /** Whether the floor heats the room. */
    private readonly bool $byFloor;

    /** The cell that is heated. */
    private readonly int $cell;

    /** m² */
    private readonly float $area;

    /** W */
    private readonly float $gains;

    /** W/K in a step */
    private readonly float $capacity;

    /** °C */
    private float $air;

    /** °C */
    private float $surface;

    private function __construct(private readonly Room $room, private readonly Regime $regime, RoomTemperatures $start)
    {
        $this->cells = new RoomCells($room, $start, self::STEP);
        $this->thermostat = new FloorThermostat($room, $regime, $start->on);
        $this->byFloor = $regime->byFloor && $room->source !== null;
        $this->cell = $room->source ?? 0;
        $this->area = $room->branches[0]->area;
        $this->gains = $room->site->room->gains * $room->area;
        $this->capacity = $room->capacity / self::STEP;
        $this->air = $start->room;
        $this->surface = $this->cells->surface($this->air);
    }

    /**
     * @param  bool  $cells  whether the floor's temperatures are kept for every hour
     */
    public static function run(Room $room, Regime $regime, Forcing $forcing, RoomTemperatures $start, bool $cells = false): Run
    {
        return (new self($room, $regime, $start))->through($forcing, $cells);
    }

    private function through(Forcing $forcing, bool $cells): Run
    {
        $warm = $this->room->branches[0]->warm;
        $reference = $this->room->set();
        $rooms = $surfaces = $kept = $stores = [];
        $flows = ['heat' => [], 'surplus' => [], 'sun' => [], 'room' => [], 'ground' => [], 'out' => []];
        $sums = ['heat' => 0.0, 'surplus' => 0.0, 'sun' => 0.0, 'gains' => 0.0, 'out' => 0.0, 'ground' => 0.0, 'stored' => 0.0];
        $before = $this->heat();
        for ($h = 0, $hours = $forcing->hours(); $h < $hours; $h++) {
            $hour = $this->hour($forcing, $h);
            $rooms[] = $this->air;
            $surfaces[] = $this->surface;
            foreach ($hour as $what => $sum) {
                $flows[$what][] = $sum / self::STEPS;
            }
            $stores[] = self::STEP * $this->cells->held($warm, $reference) * Run::KWH;
            if ($cells) {
                $kept[] = $this->cells->branch(0);
            }
            $sums['heat'] += $hour['heat'];
            $sums['sun'] += $hour['sun'];
            $sums['surplus'] += $hour['surplus'];
            $sums['gains'] += self::STEPS * $this->gains;
            $sums['out'] += $hour['out'];
            $sums['ground'] += $hour['ground'];
        }
        $sums['stored'] = $this->heat() - $before;
        $outside = array_slice($forcing->outside, 0, count($rooms));
        // A run has at least an hour.
        assert($rooms !== [] && $outside !== []);

        return new Run(
            $this->room, $outside, $rooms, $surfaces, $kept, $flows['heat'], $flows['surplus'],
            $flows['sun'], $flows['room'], $flows['ground'], $flows['out'], $stores,
            array_map(static fn (float $s): float => $s * self::STEP * Run::KWH, $sums),
            new RoomTemperatures(
                $this->air,
                array_map(fn (int $b): array => $this->cells->branch($b), array_keys($this->room->branches)),
                $this->thermostat->isOn(),
            ),
        );
    }

    /**
     * Its steps, one after the other.
     *
     * @return array{heat: float, surplus: float, sun: float, room: float, ground: float, out: float} W, summed over the steps
     */
    private function hour(Forcing $forcing, int $h): array
    {
        [$te, $tg, $set, $glass] = [$forcing->outside[$h], $forcing->beyond[$h], $forcing->set[$h], $forcing->sun[$h]];
        $extra = $this->room->source === null ? 0.0 : $forcing->surplus[$h];
        // What every step asks for, at hand.
        [$cells, $regime, $room, $cell, $area] = [$this->cells, $this->regime, $this->room, $this->cell, $this->area];
        [$bare, $blinds, $water] = [$room->branches[0]->near, $room->site->room->blinds, $regime->water ?? 0.0];
        [$air, $surface] = [$this->air, $this->surface];
        $heat = $surplus = $sunned = $toRoom = $ground = $out = 0.0;
        for ($s = 0; $s < self::STEPS; $s++) {
            $warm = $air > $regime->warm;
            $sun = $warm ? $glass * $blinds : $glass;
            $direct = $room->direct + ($warm && $te < $air ? $room->openWindows : 0.0);
            $film = self::film($surface - $air);
            $floor = $area / ($bare + 1 / $film);

            // The floor's own heating: by thermostat, and what panels leave over.
            [$side, $fixed] = $this->byFloor
                ? $this->thermostat->gives($set, $air, $te, $surface, $cells->temperatures[$cell])
                : [0.0, 0.0];
            $charge = $surface < $regime->surface && ! $warm ? $extra : 0.0;

            [$a, $r] = $cells->eliminate(
                [$this->capacity + $direct, $this->capacity * $air + $direct * $te + $this->gains + RoomCells::TO_AIR * $sun],
                $te, $tg, $floor, $sun, $cell, $fixed + $charge + $side * $water, $side,
            );
            $given = 0.0;
            $now = $r / $a;
            if (! $this->byFloor && $set !== null && $now < $set) {
                $given = min($regime->heater, $a * $set - $r);
                $now = ($r + $given) / $a;
            }
            [$outward, $down] = $cells->follow($now, $te, $tg, $direct * ($now - $te));
            $air = $now;
            $flow = $floor * ($cells->temperatures[0] - $air);
            $surface = $air + $flow / $area / $film;

            $heat += $given + $fixed + ($side > 0.0 ? $side * ($water - $cells->temperatures[$cell]) : 0.0);
            $surplus += $charge;
            $sunned += $sun;
            $toRoom += $flow;
            $ground += $down;
            $out += $outward;
        }
        [$this->air, $this->surface] = [$air, $surface];

        return ['heat' => $heat, 'surplus' => $surplus, 'sun' => $sunned, 'room' => $toRoom, 'ground' => $ground, 'out' => $out];
    }

    /** W/(m²K), of a floor so many kelvins warmer than the room. */
    private static function film(float $over): float
    {
        return $over > 0.05 ? self::UPWARD * $over ** self::EXPONENT : 1 / MassStack::FLOOR_R;
    }

    /** All that cells and air hold, as RoomCells::heat() does. */
    private function heat(): float
    {
        return $this->cells->heat() + $this->capacity * $this->air;
    }
}
