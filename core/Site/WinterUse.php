<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** How a building is kept through the winters. */
enum WinterUse: string
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
