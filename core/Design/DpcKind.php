<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What a damp-proof course is made of. Which one suits is common practice, no source. */
enum DpcKind: string implements Choice
{
    case NotSaid = 'not-said';
    case Polyethylene = 'polyethylene';
    case Felt = 'felt';
    case Metal = 'metal';
    case Slate = 'slate';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Polyethylene => 'polyethylene',
            self::Felt => 'bitumen felt',
            self::Metal => 'sheet metal',
            self::Slate => 'slate in mortar',
        };
    }

    /** Whether it breaks where the wall moves. */
    public function isBrittle(): bool
    {
        return $this === self::Slate;
    }
}
