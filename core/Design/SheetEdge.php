<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** How a sheet ends at the edge. */
enum SheetEdge: string
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
