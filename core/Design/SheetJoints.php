<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** How the lengths of a sheet are joined. */
enum SheetJoints: string implements Choice
{
    case NotSaid = 'not-said';
    case Lapped = 'lapped';
    case Taped = 'taped';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Lapped => 'lapped, not taped',
            self::Taped => 'lapped and taped',
        };
    }
}
