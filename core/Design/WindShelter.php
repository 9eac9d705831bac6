<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** How sheltered a building stands: the wind shielding factor f_w of ISO 13370:2007, table 2 (from memory). */
enum WindShelter: string implements Choice
{
    case Sheltered = 'sheltered';
    case Average = 'average';
    case Exposed = 'exposed';

    public function label(): string
    {
        return match ($this) {
            self::Sheltered => 'sheltered',
            self::Average => 'average',
            self::Exposed => 'exposed',
        };
    }

    public function factor(): float
    {
        return match ($this) {
            self::Sheltered => 0.02,
            self::Average => 0.05,
            self::Exposed => 0.10,
        };
    }
}
