<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** Whether the ground holds something to guard against. */
enum Presence: string
{
    case NotSaid = 'not-said';
    case No = 'no';
    case Yes = 'yes';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::No => 'no',
            self::Yes => 'yes',
        };
    }
}
