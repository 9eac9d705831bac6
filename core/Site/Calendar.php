<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** The year that monthly sums are made over: 365 days. */
final class Calendar
{
    public const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

    public const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

    /** @param  int  $month 1 to 12 */
    public static function hours(int $month): int
    {
        return 24 * self::DAYS[$month - 1];
    }
}
