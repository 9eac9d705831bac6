<?php

declare(strict_types=1);

namespace Ondergrond\Mass\Question;

use Ondergrond\Mass\Regime;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\Run;
use Ondergrond\Mass\Simulation;
use Ondergrond\Mass\Weather;

/** One clear day among covered ones in the coldest month: what the floor takes of its sun, and when that comes back. */
final class ClearDay
{
    private const AFTER = 6;

    public static function ask(Room $room): Answer
    {
        $regime = Regime::of($room);
        $weather = new Weather($room);
        $day = $weather->coldestDay();
        $start = Settled::after(
            $room,
            $regime,
            $weather->days(($day + 365 - Settled::DAYS) % 365, Settled::DAYS, false)->heatedTo($room->set()),
        );
        $dull = array_fill(0, self::AFTER + 1, false);
        $clear = Simulation::run(
            $room, $regime, $weather->patterned($day, true, ...array_slice($dull, 1))->heatedTo($room->set()), $start, true,
        );
        $covered = Simulation::run($room, $regime, $weather->patterned($day, ...$dull)->heatedTo($room->set()), $start);
        // What the sun alone does is seen without the thermostat, which would take off what the sun gives.
        $free = static fn (bool $first): Run => Simulation::run(
            $room,
            $regime,
            $weather->patterned($day, $first, ...array_slice($dull, 1))->unheated(),
            $start,
        );
        $more = array_map(static fn (float $a, float $b): float => $a - $b, $free(true)->store, $free(false)->store);
        $most = max([0.0, ...array_slice($more, 0, 24)]);
        $at = (int) array_search($most, $more, true);
        // It comes back as heating that is not needed.
        $saved = Run::energy($covered->heat) - Run::energy($clear->heat);
        $half = null;
        $sum = 0.0;
        foreach ($clear->heat as $h => $watts) {
            $sum += ($covered->heat[$h] - $watts) / 1000;
            if ($saved > 0.0 && $sum >= $saved / 2) {
                $half = max(0, $h - $at);
                break;
            }
        }

        return new Answer('clear-winter-day', [
            'sun_kwh' => Run::energy($clear->sun, 0, 24) - Run::energy($covered->sun, 0, 24),
            'stored_kwh' => $most,
            'fullest_h' => (float) ($at + 1),
            'half_back_h' => $half === null ? null : (float) $half,
            'heating_saved_kwh' => $saved,
            'warmest_c' => max([$clear->room[0], ...array_slice($clear->room, 0, 24)]),
        ], ['a clear day' => $clear, 'covered' => $covered]);
    }
}
