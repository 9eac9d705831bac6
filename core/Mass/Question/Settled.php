<?php

declare(strict_types=1);

namespace Ondergrond\Mass\Question;

use Ondergrond\Mass\Forcing;
use Ondergrond\Mass\Regime;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\RoomTemperatures;
use Ondergrond\Mass\Simulation;

/** A room that days of the same kind have brought into their rhythm. */
final class Settled
{
    /** The rooms find their rhythm in a fortnight; the ground, which takes longer, begins where it would end. */
    public const DAYS = 15;

    /** @param  Forcing  $days  a fortnight or so of the days before */
    public static function after(Room $room, Regime $regime, Forcing $days): RoomTemperatures
    {
        return Simulation::run(
            $room,
            $regime,
            $days,
            RoomTemperatures::steady(
                $room,
                $room->set(),
                array_sum($days->outside) / $days->hours(),
                array_sum($days->beyond) / $days->hours(),
            ),
        )->end;
    }
}
