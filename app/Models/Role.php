<?php

declare(strict_types=1);

namespace App\Models;

/** What a member of a firm does there, and so may do here. */
enum Role: string
{
    case Owner = 'owner';
    case Designer = 'designer';
    case Crew = 'crew';
    case Reader = 'reader';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** What may be said, for whoever said something else. */
    public static function allowed(): string
    {
        return 'Allowed: '.implode(', ', array_column(self::cases(), 'value')).'.';
    }

    public function does(): string
    {
        return match ($this) {
            self::Owner => 'designs, and decides who is in the firm',
            self::Designer => 'starts, changes and shares projects',
            self::Crew => 'reads every project on site, logs and takes deliveries',
            self::Reader => 'reads every project',
        };
    }

    public function designs(): bool
    {
        return $this === self::Owner || $this === self::Designer;
    }

    /** Whether what they find on site is kept. */
    public function inspects(): bool
    {
        return $this !== self::Reader;
    }

    public function owns(): bool
    {
        return $this === self::Owner;
    }
}
