<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Choice;

/** What an opening in a wall is. */
enum OpeningKind: string implements Choice
{
    case Door = 'door';
    case GarageDoor = 'garage-door';
    case Window = 'window';
    case Vent = 'vent';

    public function label(): string
    {
        return match ($this) {
            self::Door => 'door',
            self::GarageDoor => 'garage door',
            self::Window => 'window',
            self::Vent => 'vent',
        };
    }

    /** Whether the slab runs out under its sill. */
    public function isDoor(): bool
    {
        return $this === self::Door || $this === self::GarageDoor;
    }
}
