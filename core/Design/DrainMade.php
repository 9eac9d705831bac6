<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What drains along a footing are made of. */
enum DrainMade: string implements Choice
{
    case Pipe = 'pipe';
    case FormBoards = 'form-boards';

    public function label(): string
    {
        return match ($this) {
            self::Pipe => 'pipe in stone',
            self::FormBoards => 'hollow boards that form the footing and stay',
        };
    }
}
