<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** How a leaky spot of an old wall is left behind what covers it. */
enum Sealed: string implements Choice
{
    case NotSaid = 'not-said';
    case None = 'none';
    case Open = 'open';
    case Sealed = 'sealed';
    case Led = 'led';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::None => 'none there',
            self::Open => 'open',
            self::Sealed => 'sealed',
            self::Led => 'open to the drain, by design',
        };
    }
}
