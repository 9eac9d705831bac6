<?php

declare(strict_types=1);

namespace Ondergrond\Mass\Question;

use Ondergrond\Mass\Forcing;
use Ondergrond\Mass\Regime;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\Run;
use Ondergrond\Mass\Simulation;
use Ondergrond\Mass\Weather;
use Ondergrond\Site\DampBasis;

/** Rooms let cool at night in the coldest month: what it saves, and whether they are warm again in the morning. */
final class NightSetBack
{
    private const WEEKS = 2;

    private const MORNING = 6;

    /** Warm again is so near what is asked, K. */
    private const NEAR = 0.3;

    /** It is worth doing from this saving on; common practice, no source. */
    public const WORTH = 0.03;

    public static function ask(Room $room): Answer
    {
        $regime = Regime::of($room);
        $weather = new Weather($room);
        $by = $room->site->damp->setBack > 0.0 ? $room->site->damp->setBack : DampBasis::SET_BACK;
        $from = ($weather->coldestDay() + 365 - 10) % 365;
        $days = $weather->days($from, 7 * (self::WEEKS + 1))->heatedTo($room->set());
        $start = Settled::after($room, $regime, $weather->days(($from + 365 - Settled::DAYS) % 365, Settled::DAYS)->heatedTo($room->set()));
        $even = Simulation::run($room, $regime, $days, $start);
        $back = Simulation::run($room, $regime, self::letCool($days, $room, $by), $start, true);
        $skip = 7 * 24;
        [$a, $b] = [Run::energy($even->heat, $skip), Run::energy($back->heat, $skip)];
        $late = [];
        for ($d = 7; $d < 7 * (self::WEEKS + 1); $d++) {
            $h = self::MORNING;
            while ($h < 22 && $back->room[24 * $d + $h] < $room->set() - self::NEAR) {
                $h++;
            }
            $late[] = $h < 22 ? $h + 1 - self::MORNING : null;
        }
        $known = array_filter($late, is_int(...));

        return new Answer('night-set-back', [
            'set_back_k' => $by,
            'kwh_day' => $a / (7 * self::WEEKS),
            'kwh_day_set_back' => $b / (7 * self::WEEKS),
            'saving_share' => $a > 0.0 ? ($a - $b) / $a : 0.0,
            'coolest_c' => min([...array_slice($back->room, $skip), $room->set()]),
            'late_h' => count($known) === count($late) && $known !== [] ? max($known) : null,
        ], ['let cool at night' => $back, 'kept even' => $even], $skip);
    }

    private static function letCool(Forcing $days, Room $room, float $by): Forcing
    {
        $set = [];
        for ($h = 0; $h < $days->hours(); $h++) {
            $hour = $h % 24;
            $set[] = $room->set() - ($hour >= 22 || $hour < self::MORNING ? $by : 0.0);
        }

        return $days->but(set: $set);
    }
}
