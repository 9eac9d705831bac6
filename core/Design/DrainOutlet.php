<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** Where drains lead. */
enum DrainOutlet: string
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
