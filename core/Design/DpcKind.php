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
    case Injected = 'injected';
    case SawnIn = 'sawn-in';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Polyethylene => 'polyethylene',
            self::Felt => 'bitumen felt',
            self::Metal => 'sheet metal',
            self::Slate => 'slate in mortar',
            self::Injected => 'injected',
            self::SawnIn => 'sawn in',
        };
    }

    /** Whether it is put into a wall that stands. */
    public function isPutIn(): bool
    {
        return $this === self::Injected || $this === self::SawnIn;
    }

    /** Whether it breaks where the wall moves. */
    public function isBrittle(): bool
    {
        return $this === self::Slate;
    }
}
