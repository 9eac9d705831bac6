<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** The two schools of where the sheet lies. */
enum SheetPosition: string implements Choice
{
    case AboveBoards = 'above';
    case BelowBoards = 'below';

    public function label(): string
    {
        return match ($this) {
            self::AboveBoards => 'above the boards',
            self::BelowBoards => 'below the boards',
        };
    }

    /** What decides for it, common practice. */
    public function reason(): string
    {
        return $this === self::AboveBoards
            ? 'Concrete cannot get under the boards and float them, and the sheet is clear of the stone.'
            : 'Concrete can flow under cut board edges into a wider beam, but rain can stand on the sheet with the boards in it.';
    }
}
