<?php

declare(strict_types=1);

namespace Ondergrond\Mass\Question;

use Ondergrond\Mass\Regime;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\Simulation;
use Ondergrond\Mass\Weather;
use Ondergrond\Site\RoomBasis;

/** The year by the hour, with the sun and the panels that the site has. */
final class WholeYear
{
    public static function ask(Room $room): Answer
    {
        $regime = Regime::of($room);
        $weather = new Weather($room);
        $start = Settled::after($room, $regime, $weather->days(365 - Settled::DAYS, Settled::DAYS));
        $run = Simulation::run($room, $regime, $weather->year(), $start);

        return new Answer('year', [
            'heat_kwh' => $run->sums['heat'],
            'heat_kwh_m2' => $run->sums['heat'] / $room->area,
            'sun_kwh' => $run->sums['sun'],
            'surplus_kwh' => $run->sums['surplus'],
            'ground_kwh' => $run->sums['ground'],
            'out_kwh' => $run->sums['out'],
            'gains_kwh' => $run->sums['gains'],
            'stored_kwh' => $run->sums['stored'],
            'imbalance_share' => $run->imbalance(),
            'hours_too_warm' => (float) count(array_filter($run->room, static fn (float $t): bool => $t > RoomBasis::TOO_WARM)),
            'warmest_c' => max($run->room),
            'coolest_c' => min($run->room),
            'warmest_surface_c' => max($run->surface),
        ], ['the year' => $run]);
    }
}
