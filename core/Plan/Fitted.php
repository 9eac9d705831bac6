<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Choice;

/** Whether something small is there that what is buried needs; what is not said is never taken as there. */
enum Fitted: string implements Choice
{
    case NotSaid = 'not-said';
    case No = 'no';
    case Yes = 'yes';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::No => 'no',
            self::Yes => 'yes',
        };
    }
}
