<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What holds a board to the edge. */
enum BoardHeld: string implements Choice
{
    case NotSaid = 'not-said';
    case InPour = 'in-pour';
    case Fixed = 'fixed';
    case Glued = 'glued';
    case Earth = 'earth';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::InPour => 'screws through it into the fresh concrete',
            self::Fixed => 'fixed after stripping',
            self::Glued => 'glue alone',
            self::Earth => 'the backfill alone',
        };
    }
}
