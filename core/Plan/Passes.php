<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Choice;

/** What a sleeve leads through. */
enum Passes: string implements Choice
{
    case Floor = 'floor';
    case Edge = 'edge';

    public function label(): string
    {
        return match ($this) {
            self::Floor => 'slab and sheet',
            self::Edge => 'edge or wall',
        };
    }
}
