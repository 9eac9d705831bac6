<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** How footing and wall are poured. */
enum Casting: string implements Choice
{
    case NotSaid = 'not-said';
    case First = 'footing-first';
    case Together = 'together';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::First => 'footing first, then the wall',
            self::Together => 'footing and wall in one braced pour',
        };
    }
}
