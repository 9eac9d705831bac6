<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choice;

/** Whether a limit for the floor's U-value counts what its junctions lose. */
enum LimitMeant: string implements Choice
{
    case NotSaid = 'not-said';
    case Without = 'without';
    case With = 'with';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said: both ways are held against it',
            self::Without => 'without junctions, by the standard’s formula',
            self::With => 'with junctions, as the section is drawn',
        };
    }
}
