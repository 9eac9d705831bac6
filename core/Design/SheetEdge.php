<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** How a sheet ends at the edge. */
enum SheetEdge: string implements Choice
{
    case TurnedUp = 'turned-up';
    case CutOff = 'cut-off';

    public function label(): string
    {
        return match ($this) {
            self::TurnedUp => 'turned up to the slab’s top',
            self::CutOff => 'cut off at the edge',
        };
    }
}
