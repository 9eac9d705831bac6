<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** On which days the cable heats a floor that has pipes as well. */
enum CableDays: string implements Choice
{
    case NotSaid = 'not-said';
    case Surplus = 'surplus';
    case Cold = 'cold';
    case Reserve = 'reserve';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Surplus => 'when the panels give more than is used',
            self::Cold => 'on the coldest days, beside the water',
            self::Reserve => 'only when the water fails',
        };
    }
}
