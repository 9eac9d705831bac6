<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** Where drains lead. */
enum DrainOutlet: string implements Choice
{
    case NotSaid = 'not-said';
    case Daylight = 'daylight';
    case Sump = 'sump';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Daylight => 'daylight',
            self::Sump => 'a sump',
        };
    }
}
