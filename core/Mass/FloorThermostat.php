<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

/** When a heated floor heats, and how much: it goes by the room, the weather and how warm its own surface may be. */
final class FloorThermostat
{
    /** It switches so far from what is asked, K; water is as warm as the weather asks unless the room is a kelvin cold. */
    private const HYSTERESIS = 0.1;

    private const COLD = 1.0;

    /** W/K, from the water to its plane */
    private readonly float $pipes;

    /** W */
    private readonly float $load;

    /** K */
    private readonly float $drop;

    public function __construct(Room $room, private readonly Regime $regime, private bool $on)
    {
        $this->pipes = $room->branches[0]->area / max(1e-4, $regime->pipes);
        $this->load = max(1.0, $room->designLoad());
        $this->drop = max(1.0, $room->set() - $room->site->climate->design());
    }

    public function isOn(): bool
    {
        return $this->on;
    }

    /**
     * @param  float|null  $set  °C asked for; null where nothing is
     * @param  float  $plane  °C, the cell that pipes or cable lie in
     * @return array{float, float} W/K between water and plane, and W from a cable or at the heater's most
     */
    public function gives(?float $set, float $air, float $outside, float $surface, float $plane): array
    {
        if ($set === null || $surface > $this->regime->surface) {
            $this->on = false;
        } elseif ($air < $set - self::HYSTERESIS) {
            $this->on = true;
        } elseif ($air > $set + self::HYSTERESIS) {
            $this->on = false;
        }
        if (! $this->on) {
            return [0.0, 0.0];
        }
        $most = $air < $set - self::COLD
            ? $this->regime->heater
            : min($this->regime->heater, 1.3 * $this->load * max(0.15, ($set - $outside) / $this->drop));
        $water = $this->regime->water;
        if ($water !== null && $this->pipes * ($water - $plane) < $most) {
            return [$water > $plane ? $this->pipes : 0.0, 0.0];
        }

        return [0.0, $most];
    }
}
