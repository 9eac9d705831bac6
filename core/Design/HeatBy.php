<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What brings the heat into a heated floor. */
enum HeatBy: string implements Choice
{
    case Pipes = 'pipes';
    case Cable = 'cable';

    public function label(): string
    {
        return match ($this) {
            self::Pipes => 'water in pipes',
            self::Cable => 'an electric cable',
        };
    }
}
