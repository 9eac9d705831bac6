<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** How deep a slab that is the floor is ground. */
enum Exposure: string implements Choice
{
    case NotSaid = 'not-said';
    case Skin = 'skin';
    case Fine = 'fine';
    case Coarse = 'coarse';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Skin => 'the cement skin stays',
            self::Fine => 'just through the skin: fine stone',
            self::Coarse => 'deeper: coarse stone',
        };
    }
}
