<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

use DateTimeImmutable;
use DateTimeZone;

/**
 * When a crew works. Moments are hours on the site's own clock since its 1 January 1970, so that a day begins at a multiple
 * of 24 whatever the sun does; a wait over a change of the clocks is out by that hour.
 */
final readonly class Calendar
{
    /**
     * @param  float  $from  hour that the day begins at
     * @param  float  $hours  that it lasts
     * @param  list<int>  $weekdays  1 Monday to 7 Sunday
     * @param  list<string>  $holidays  `2026-12-25`
     */
    public function __construct(
        public float $from = 7.5,
        public float $hours = 8.0,
        public array $weekdays = [1, 2, 3, 4, 5],
        public array $holidays = [],
    ) {}

    /** Day and night, every day. */
    public static function always(): self
    {
        return new self(0.0, 24.0, [1, 2, 3, 4, 5, 6, 7]);
    }

    public static function moment(string $date, float $hour = 0.0): float
    {
        return (new DateTimeImmutable($date.' 00:00', new DateTimeZone('UTC')))->getTimestamp() / 3600 + $hour;
    }

    /** As the site's clock shows it: `2026-03-02 07:30`. */
    public static function shown(float $moment): string
    {
        return gmdate('Y-m-d H:i', (int) round(60 * $moment) * 60);
    }

    /** As the clock of that zone has it. */
    public static function at(float $moment, string $zone): DateTimeImmutable
    {
        return new DateTimeImmutable(self::shown($moment), new DateTimeZone($zone));
    }

    public function isWorked(float $moment): bool
    {
        $day = (int) floor($moment / 24);

        return in_array((int) gmdate('N', $day * 86_400), $this->weekdays, true)
            && ! in_array(gmdate('Y-m-d', $day * 86_400), $this->holidays, true);
    }

    /** The first moment from then on at which somebody works. */
    public function next(float $moment): float
    {
        for ($guard = 0; $guard < 4000; $guard++) {
            $day = floor($moment / 24 + 1e-12);
            $begin = 24 * $day + $this->from;
            if ($this->isWorked(24 * $day) && $moment < $begin + $this->hours - 1e-9) {
                return max($moment, $begin);
            }
            $moment = 24 * ($day + 1);
        }

        return $moment;
    }

    /** The first moment from then on at which a working day begins. */
    public function morning(float $moment): float
    {
        $next = $this->next($moment);
        $begin = 24 * floor($next / 24 + 1e-12) + $this->from;

        return $next <= $begin + 1e-6 ? $next : $this->next($begin + $this->hours);
    }

    /** When the working day of that moment began. */
    public function began(float $moment): float
    {
        return min($moment, 24 * floor($moment / 24 + 1e-12) + $this->from);
    }

    /** The last moment up to then at which somebody has worked. */
    public function before(float $moment): float
    {
        for ($guard = 0; $guard < 4000; $guard++) {
            $day = ceil($moment / 24 - 1e-12) - 1;
            $begin = 24 * $day + $this->from;
            if ($this->isWorked(24 * $day) && $moment > $begin + 1e-9) {
                return min($moment, $begin + $this->hours);
            }
            $moment = 24 * $day;
        }

        return $moment;
    }

    /** So many working hours on from then. */
    public function after(float $moment, float $work): float
    {
        while ($work > 1e-9) {
            $moment = $this->next($moment);
            $left = 24 * floor($moment / 24 + 1e-12) + $this->from + $this->hours - $moment;
            $step = min($left, $work);
            $moment += $step;
            $work -= $step;
        }

        return $moment;
    }

    /** So many working hours back from then. */
    public function back(float $moment, float $work): float
    {
        while ($work > 1e-9) {
            $moment = $this->before($moment);
            $left = $moment - (24 * (ceil($moment / 24 - 1e-12) - 1) + $this->from);
            $step = min($left, $work);
            $moment -= $step;
            $work -= $step;
        }

        return $moment;
    }

    /** Working hours between two moments. */
    public function between(float $from, float $to): float
    {
        $sum = 0.0;
        for ($at = $this->next($from); $at < $to - 1e-9; $at = $this->next($end)) {
            $end = 24 * floor($at / 24 + 1e-12) + $this->from + $this->hours;
            $sum += min($end, $to) - $at;
        }

        return $sum;
    }
}
