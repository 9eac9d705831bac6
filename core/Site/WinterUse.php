<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choice;

/** How a building is kept through the winters. */
enum WinterUse: string implements Choice
{
    case Heated = 'heated';
    case SetBack = 'set-back';
    case Unheated = 'unheated';

    public function label(): string
    {
        return match ($this) {
            self::Heated => 'heated',
            self::SetBack => 'set back',
            self::Unheated => 'without heat',
        };
    }
}
