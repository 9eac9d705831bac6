<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** How long and how hard a sheet is walked on before the concrete covers it, and what that asks. Common practice, no source. */
enum Walked: string implements Choice
{
    case NotSaid = 'not-said';
    case UnderBoards = 'under-boards';
    case Days = 'days';
    case Months = 'months';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::UnderBoards => 'not: boards cover it at once',
            self::Days => 'for days',
            self::Months => 'by steel work, or for months',
        };
    }

    /** 6, 10 and 15 mil; null where nobody says, m. */
    public function least(): ?float
    {
        return match ($this) {
            self::NotSaid => null,
            self::UnderBoards => 0.00015,
            self::Days => 0.00025,
            self::Months => 0.00038,
        };
    }
}
