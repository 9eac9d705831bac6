<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

/** What a simulation came to, hour by hour. Flows are means of the hour, temperatures those at its end. */
final readonly class Run
{
    /** kWh in a J. */
    public const KWH = 1 / 3.6e6;

    /**
     * @param  non-empty-list<float>  $outside  °C
     * @param  non-empty-list<float>  $room  °C
     * @param  non-empty-list<float>  $surface  of the floor, °C
     * @param  list<list<float>>  $cells  of the floor from its surface down, for each hour, °C; empty where they were not asked for
     * @param  non-empty-list<float>  $heat  that heating gives, W
     * @param  non-empty-list<float>  $surplus  that goes into the floor, W
     * @param  non-empty-list<float>  $sun  past the blinds, W
     * @param  non-empty-list<float>  $toRoom  from the floor's surface to the room, W
     * @param  non-empty-list<float>  $ground  out beyond floor and buried walls, W
     * @param  non-empty-list<float>  $out  to the air outside, W
     * @param  non-empty-list<float>  $store  what the floor holds in the warm over the temperature rooms are kept at, kWh; each layer by its share
     * @param  array{heat: float, surplus: float, sun: float, gains: float, out: float, ground: float, stored: float}  $sums  over the run, kWh
     * @param  RoomTemperatures  $end  where it ended
     */
    public function __construct(
        public Room $model,
        public array $outside,
        public array $room,
        public array $surface,
        public array $cells,
        public array $heat,
        public array $surplus,
        public array $sun,
        public array $toRoom,
        public array $ground,
        public array $out,
        public array $store,
        public array $sums,
        public RoomTemperatures $end,
    ) {}

    public function hours(): int
    {
        return count($this->room);
    }

    /** What came in less what went out less what stayed, of all that came in: what the sum loses. */
    public function imbalance(): float
    {
        $in = $this->sums['heat'] + $this->sums['surplus'] + $this->sums['sun'] + $this->sums['gains'];
        $rest = $in - $this->sums['out'] - $this->sums['ground'] - $this->sums['stored'];

        return abs($rest) / max(1e-9, $in + abs($this->sums['out']) + abs($this->sums['ground']));
    }

    /**
     * The hour in which the room first falls to a temperature, between the hours by a straight line; null where it does not.
     *
     * @param  float  $start  room at the beginning, °C
     */
    public function hoursTo(float $temperature, float $start): ?float
    {
        $before = $start;
        foreach ($this->room as $h => $now) {
            if ($now <= $temperature) {
                return $before <= $temperature ? 0.0 : $h + ($before - $temperature) / ($before - $now);
            }
            $before = $now;
        }

        return null;
    }

    /** The same, rising. */
    public function hoursUpTo(float $temperature, float $start): ?float
    {
        $before = $start;
        foreach ($this->room as $h => $now) {
            if ($now >= $temperature) {
                return $before >= $temperature ? 0.0 : $h + ($temperature - $before) / ($now - $before);
            }
            $before = $now;
        }

        return null;
    }

    /**
     * Of a flow over hours, kWh.
     *
     * @param  list<float>  $flow  W
     */
    public static function energy(array $flow, int $from = 0, ?int $count = null): float
    {
        return array_sum(array_slice($flow, $from, $count)) / 1000;
    }
}
