<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** The two schools of where a permanent form begins. */
enum FormStart: string implements Choice
{
    case Footing = 'footing';
    case Grade = 'grade';

    public function label(): string
    {
        return match ($this) {
            self::Footing => 'on the footing',
            self::Grade => 'on a plain wall',
        };
    }
}
