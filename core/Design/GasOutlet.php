<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** Where the pipe that collects soil gas ends. */
enum GasOutlet: string implements Choice
{
    case NotSaid = 'not-said';
    case Capped = 'capped';
    case Roof = 'roof';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Capped => 'capped, ready for a fan',
            self::Roof => 'above the roof',
        };
    }
}
