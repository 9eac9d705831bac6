<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

/** Where an entry comes from. What was simulated or imported opens no gate. */
enum Source: string
{
    case Typed = 'typed';
    case File = 'file';
    case Simulated = 'simulated';
    case Imported = 'imported';

    public function isEvidence(): bool
    {
        return $this === self::Typed || $this === self::File;
    }
}
