<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** Where the heat of a floor comes from. */
enum HeatedIn: string implements Choice
{
    case None = 'none';
    case Slab = 'slab';
    case Screed = 'screed';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Slab => 'in the slab',
            self::Screed => 'in the screed',
        };
    }
}
