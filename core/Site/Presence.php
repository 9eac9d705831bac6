<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choice;

/** Whether the ground holds something to guard against. */
enum Presence: string implements Choice
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
