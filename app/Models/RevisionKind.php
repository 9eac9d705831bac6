<?php

declare(strict_types=1);

namespace App\Models;

/** How a state came about. */
enum RevisionKind: string
{
    case Found = 'found';
    case Made = 'made';
    case Edit = 'edit';
    case Undo = 'undo';
    case Redo = 'redo';
    case Return = 'return';
    case Followed = 'followed';

    public function label(): string
    {
        return match ($this) {
            self::Found => 'from before histories were kept',
            self::Made => 'made',
            self::Edit => 'changed',
            self::Undo => 'taken back',
            self::Redo => 'put back',
            self::Return => 'returned to an earlier point',
            self::Followed => 'followed the plan',
        };
    }
}
