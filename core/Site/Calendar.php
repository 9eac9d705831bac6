<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** The year that monthly sums are made over: 365 days. */
final class Calendar
{
    public const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

    public const DAYS_OF_YEAR = 365;

    public const NAMES = [
        'January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December',
    ];

    public const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

    /**
     * @param  int  $day  of the year, from 1 January as 0
     * @return array{int, int} month, 1 to 12, and day of the month
     */
    public static function date(int $day): array
    {
        foreach (self::DAYS as $i => $days) {
            if ($day < $days) {
                return [$i + 1, $day + 1];
            }
            $day -= $days;
        }

        return [12, 31];
    }

    /** @param  int  $month 1 to 12 */
    public static function hours(int $month): int
    {
        return 24 * self::DAYS[$month - 1];
    }

    /**
     * As files have a day of the year: 02-14.
     *
     * @param  int|null  $day  from 1 January as 0
     */
    public static function written(?int $day): ?string
    {
        return $day === null ? null : sprintf('%02d-%02d', ...self::date($day));
    }
}
