<?php

declare(strict_types=1);

namespace Ondergrond\Mass\Question;

use Ondergrond\Mass\Regime;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\RoomTemperatures;
use Ondergrond\Mass\Run;
use Ondergrond\Mass\Simulation;
use Ondergrond\Mass\Weather;

/** From a building that has stood cold: how long until its rooms are warm. */
final class WarmUp
{
    /** It was as cold as this, °C. */
    public const COLD = 5.0;

    private const DAYS = 20;

    private const NEAR = 0.5;

    public static function ask(Room $room): Answer
    {
        $run = self::run($room);

        $figures = self::figures($room, $run);

        return new Answer(
            'warm-up',
            $figures,
            ['warming up' => $run],
            until: $figures['warm_h'] === null ? null : (int) (24 * ceil($figures['warm_h'] / 24 + 1)),
        );
    }

    /** @return array<string, float|null> */
    public static function figures(Room $room, Run $run): array
    {
        $hours = $run->hoursUpTo($room->set() - self::NEAR, self::COLD);

        return [
            'start_c' => self::COLD,
            'warm_h' => $hours,
            'heater_w_m2' => Regime::of($room)->heater / $room->area,
            'kwh' => $hours === null ? null : Run::energy($run->heat, 0, (int) ceil($hours)),
        ];
    }

    public static function run(Room $room): Run
    {
        $weather = new Weather($room);
        $days = $weather->days($weather->coldestDay(), self::DAYS);

        return Simulation::run(
            $room, Regime::of($room), $days->heatedTo($room->set()),
            RoomTemperatures::steady($room, self::COLD, min(self::COLD, $days->outside[0]), min(self::COLD, $days->beyond[0])),
            true,
        );
    }
}
