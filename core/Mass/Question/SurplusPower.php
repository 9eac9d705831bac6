<?php

declare(strict_types=1);

namespace Ondergrond\Mass\Question;

use Ondergrond\Mass\Forcing;
use Ondergrond\Mass\Regime;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\Run;
use Ondergrond\Mass\Simulation;
use Ondergrond\Mass\Weather;

/** Power that panels leave over goes into the floor: how much it takes before floor or room are too warm. */
final class SurplusPower
{
    /** From that hour on. */
    private const BEGINS = 9;

    private const DAYS = 8;

    /** With no panels on the site, so much is tried, W/m²; common practice, no source. */
    private const TRIED = 40.0;

    public static function ask(Room $room): ?Answer
    {
        if ($room->source === null) {
            return null;
        }
        $weather = new Weather($room);
        [$run, $winter] = self::charged($room, $weather->coldestDay());
        [, $mild] = self::charged($room, ($weather->coldestDay() + 90) % 365);

        return new Answer('surplus-power', [
            'power_kw' => self::power($room) / 1000,
            'takes_kwh' => $winter['kwh'], 'takes_h' => $winter['hours'], 'without_heating_h' => $winter['rest'],
            'mild_takes_kwh' => $mild['kwh'], 'mild_takes_h' => $mild['hours'],
        ], ['charged' => $run]);
    }

    public static function takes(Room $room): ?float
    {
        return $room->source === null ? null : self::charged($room, (new Weather($room))->coldestDay())[1]['kwh'];
    }

    private static function power(Room $room): float
    {
        $panels = 1000 * max(0.0, $room->site->room->panels - $room->site->room->ownUse);

        return $panels > 0.0 ? $panels : self::TRIED * $room->area;
    }

    /**
     * @return array{Run, array{kwh: float, hours: float, rest: float|null}} hours it charges; hours after it that heating stays off
     */
    private static function charged(Room $room, int $day): array
    {
        $regime = Regime::of($room);
        $weather = new Weather($room);
        $start = Settled::after(
            $room,
            $regime,
            self::with($weather->days(($day + 365 - Settled::DAYS) % 365, Settled::DAYS, false), $room, 0, 0),
        );
        $days = $weather->days($day, self::DAYS, false);
        $power = self::power($room);
        $run = Simulation::run($room, $regime, self::with($days, $room, self::BEGINS, $days->hours(), $power), $start);
        $end = self::BEGINS;
        while ($end < $run->hours() && $run->surplus[$end] > 0.999 * $power) {
            $end++;
        }
        $kwh = Run::energy($run->surplus, self::BEGINS, $end - self::BEGINS + 1);
        $once = Simulation::run($room, $regime, self::with($days, $room, self::BEGINS, $end, $power), $start, true);
        $rest = null;
        for ($h = $end; $h < $once->hours(); $h++) {
            if ($once->heat[$h] > 1.0) {
                $rest = (float) ($h - $end);
                break;
            }
        }

        return [$once, ['kwh' => $kwh, 'hours' => $kwh / ($power / 1000), 'rest' => $rest]];
    }

    private static function with(Forcing $days, Room $room, int $from, int $to, float $power = 0.0): Forcing
    {
        $surplus = [];
        for ($h = 0; $h < $days->hours(); $h++) {
            $surplus[] = $h >= $from && $h < $to ? $power : 0.0;
        }

        return $days->but(set: array_fill(0, $days->hours(), $room->set()), surplus: $surplus);
    }
}
