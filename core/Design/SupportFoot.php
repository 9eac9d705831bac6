<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What a post or a bearing strip inside the building stands on. */
enum SupportFoot: string implements Choice
{
    case Slab = 'slab';
    case HardBoard = 'hard-board';
    case OwnPad = 'own-pad';

    public function label(): string
    {
        return match ($this) {
            self::Slab => 'the slab, over the floor’s boards',
            self::HardBoard => 'the slab, over hard board',
            self::OwnPad => 'its own pad through the boards',
        };
    }
}
