<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Site\Calendar;

/** Energy over months from their mean flows. */
final class YearSum
{
    /**
     * @param  list<float>  $monthly  twelve means, January first, W
     * @param  list<int>  $months  1 to 12
     * @return float kWh; a month in which the ground gives heat counts as nothing
     */
    public static function energy(array $monthly, array $months): float
    {
        return array_sum(array_map(static fn (int $m): float => max(0.0, $monthly[$m - 1]) * Calendar::hours($m) / 1000, $months));
    }
}
