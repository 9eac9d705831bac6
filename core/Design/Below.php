<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What the space under the deck is. */
enum Below: string implements Choice
{
    /** Heated like the rooms above, or conditioned with their air. */
    case Heated = 'heated';
    /** A crawlspace with openings to the air outside. */
    case Vented = 'vented';
    /** A cellar that is not heated. */
    case Unheated = 'unheated';

    public function label(): string
    {
        return match ($this) {
            self::Heated => 'heated or conditioned',
            self::Vented => 'vented to outside',
            self::Unheated => 'unheated',
        };
    }
}
