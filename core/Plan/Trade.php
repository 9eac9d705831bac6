<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Choice;

/** Who sets an item, and is asked when it moves. */
enum Trade: string implements Choice
{
    case Installer = 'installer';
    case Plumber = 'plumber';
    case Electrician = 'electrician';
    case Carpenter = 'carpenter';

    public function label(): string
    {
        return $this->value;
    }
}
