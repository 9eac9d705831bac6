<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What holds the bars of a slab at their height. */
enum Chairs: string implements Choice
{
    case NotSaid = 'not-said';
    case Blocks = 'blocks';
    case Pinned = 'pinned';
    case Wire = 'wire';
    case Pulled = 'pulled';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Blocks => 'blocks of concrete or brick',
            self::Pinned => 'plastic chairs with a plate, pinned to the foam',
            self::Wire => 'wire chairs',
            self::Pulled => 'none: pulled up in the pour',
        };
    }
}
