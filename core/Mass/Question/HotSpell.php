<?php

declare(strict_types=1);

namespace Ondergrond\Mass\Question;

use Ondergrond\Mass\Regime;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\Run;
use Ondergrond\Mass\Simulation;
use Ondergrond\Mass\Weather;
use Ondergrond\Site\RoomBasis;

/** A week of clear days that reach 35 °C, after usual ones, without cooling. */
final class HotSpell
{
    public const DAYS = 7;

    public static function ask(Room $room): Answer
    {
        $run = self::run($room);
        $light = self::run($room->onLightFloor());
        $first = static fn (Run $r): ?float => $r->hoursUpTo(RoomBasis::TOO_WARM, $r->room[0]);

        return new Answer('heat-spell', [
            'outside_c' => Weather::SPELL,
            'too_warm_c' => RoomBasis::TOO_WARM,
            'hours_to_too_warm' => $first($run),
            'light_hours_to_too_warm' => $first($light),
            'warmest_c' => max($run->room),
            'light_warmest_c' => max($light->room),
            'hours_too_warm' => (float) count(array_filter($run->room, static fn (float $t): bool => $t > RoomBasis::TOO_WARM)),
        ], ['heat spell' => $run, 'on a light floor' => $light]);
    }

    private static function run(Room $room): Run
    {
        $regime = Regime::of($room);
        $weather = new Weather($room);
        $before = $weather->days($weather->warmestDay() - Settled::DAYS, Settled::DAYS);
        $spell = $weather->heatSpell(self::DAYS);

        return Simulation::run($room, $regime, $spell, Settled::after($room, $regime, $before->withoutSurplus()), true);
    }
}
