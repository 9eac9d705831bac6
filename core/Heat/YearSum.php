<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Site\Calendar;

/** Energy over months from their mean flows. */
final class YearSum
{
    /**
     * Over the heating months. A month in which the ground gives heat counts as nothing.
     *
     * @param  list<float>  $monthly  twelve means, January first, W
     * @param  list<float>  $shares  how much of each counts as heating, 0 to 1
     * @return float kWh
     */
    public static function heating(array $monthly, array $shares): float
    {
        return array_sum(
            array_map(static fn (int $i): float => $shares[$i] * max(0.0, $monthly[$i]) * Calendar::hours($i + 1) / 1000, range(0, 11)),
        );
    }

    /**
     * Over all twelve months, those in which the ground gives heat taken off.
     *
     * @param  list<float>  $monthly  twelve means, January first, W
     * @return float kWh
     */
    public static function all(array $monthly): float
    {
        return array_sum(array_map(static fn (int $i): float => $monthly[$i] * Calendar::hours($i + 1) / 1000, range(0, 11)));
    }
}
