<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choice;

/** How wet the ground is round the foundation. */
enum GroundWater: string implements Choice
{
    case NotSaid = 'not-said';
    case Dry = 'dry';
    case Damp = 'damp';
    case Pressing = 'pressing';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Dry => 'drains freely, never stands',
            self::Damp => 'damp, water stands after rain',
            self::Pressing => 'water presses against it',
        };
    }
}
