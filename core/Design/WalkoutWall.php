<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What stands over the floor on the side where one walks out. */
enum WalkoutWall: string implements Choice
{
    case Timber = 'timber';
    case Same = 'same';

    public function label(): string
    {
        return match ($this) {
            self::Timber => 'a wall of wood from just over the ground',
            self::Same => 'the wall of the other sides, as high as there',
        };
    }
}
