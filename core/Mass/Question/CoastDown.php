<?php

declare(strict_types=1);

namespace Ondergrond\Mass\Question;

use Ondergrond\Mass\Regime;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\Run;
use Ondergrond\Mass\Simulation;
use Ondergrond\Mass\Weather;

/** Heating stops on the coldest day, which stays: how long until the rooms are cold. */
final class CoastDown
{
    public const TO = [16, 10, 5];

    /** At this somebody notices, °C; common practice, no source. */
    public const NOTICED = 18;

    /** It is watched so long, days. */
    public const DAYS = 20;

    public static function ask(Room $room): Answer
    {
        $run = self::run($room);
        $ordinary = self::ordinary($room);
        $light = $room->onLightFloor();
        $figures = ['ordinary_outside_c' => array_sum($ordinary->outside) / max(1, count($ordinary->outside))];
        foreach ([self::NOTICED, ...self::TO] as $t) {
            $figures['ordinary_hours_to_'.$t] = $ordinary->hoursTo((float) $t, $room->set());
        }

        return new Answer(
            'heating-stops',
            [
                ...self::figures($room, $run), 'light_hours_to_10' => self::run($light)->hoursTo(10.0, $light->set()),
                'hours_to_'.self::NOTICED => $run->hoursTo((float) self::NOTICED, $room->set()), ...$figures,
            ],
            ['heating stops' => $run, 'in an ordinary winter' => $ordinary, 'on a light floor' => self::run($light)],
            until: self::end($run->hoursTo(5.0, $room->set())),
        );
    }

    /** Hours: whole days, a third longer than the rooms take to grow cold. */
    private static function end(?float $cold): ?int
    {
        return $cold === null ? null : (int) max(72, 24 * ceil($cold * 4 / 3 / 24));
    }

    /** @return array<string, float|null> */
    public static function figures(Room $room, Run $run): array
    {
        $hours = [];
        foreach (self::TO as $t) {
            $hours['hours_to_'.$t] = $run->hoursTo((float) $t, $room->set());
        }

        return [...$hours, 'start_c' => $room->set(), 'gave_24_kwh' => self::gave($run, 24), 'gave_72_kwh' => self::gave($run, 72)];
    }

    public static function run(Room $room): Run
    {
        $regime = Regime::of($room);
        $weather = new Weather($room);
        $days = $weather->coldest(self::DAYS);

        // Asked for whether or not the building is heated in winter: the question is what then happens.
        return Simulation::run(
            $room, $regime, $days->unheated(),
            Settled::after($room, $regime, $weather->coldest(Settled::DAYS)->heatedTo($room->set())), true,
        );
    }

    /** The same through days of the coldest month as it usually is, with the sun that it brings. */
    public static function ordinary(Room $room): Run
    {
        $regime = Regime::of($room);
        $weather = new Weather($room);
        $from = $weather->coldestDay();

        return Simulation::run(
            $room, $regime, $weather->days($from, self::DAYS)->unheated(),
            Settled::after($room, $regime, $weather->days($from - Settled::DAYS, Settled::DAYS)->heatedTo($room->set())), true,
        );
    }

    /** Out of the floor's surface, kWh. */
    private static function gave(Run $run, int $hours): float
    {
        return Run::energy($run->toRoom, 0, $hours);
    }
}
