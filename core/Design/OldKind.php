<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What is taken out of an old building. */
enum OldKind: string implements Choice
{
    case Slab = 'slab';
    case Screed = 'screed';
    case Floor = 'floor';
    case Lining = 'lining';
    case Boards = 'boards';
    case Ground = 'ground';
    case Wall = 'wall';

    public function label(): string
    {
        return match ($this) {
            self::Slab => 'slab',
            self::Screed => 'screed',
            self::Floor => 'floor covering',
            self::Lining => 'wall lining',
            self::Boards => 'insulation boards',
            self::Ground => 'ground under the floor',
            self::Wall => 'wall',
        };
    }

    /** Whether what stands may lean on it or stand on it, so that an engineer looks first. */
    public function mayBear(): bool
    {
        return in_array($this, [self::Slab, self::Ground, self::Wall], true);
    }
}
