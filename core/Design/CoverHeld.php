<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What holds a cover to the wall. */
enum CoverHeld: string implements Choice
{
    case NotSaid = 'not-said';
    case Webs = 'webs';
    case Studs = 'studs';
    case Concrete = 'concrete';
    case Coat = 'coat';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Webs => 'wafer-head screws into the form’s webs',
            self::Studs => 'screws into wood',
            self::Concrete => 'screws into concrete',
            self::Coat => 'its base coat alone',
        };
    }

    /** How far a screw goes into it, m; null where there is none. 1 1/4 in, common practice, no source. */
    public function embedment(): ?float
    {
        return match ($this) {
            self::NotSaid, self::Coat => null,
            self::Webs => 0.013,
            self::Studs, self::Concrete => 0.032,
        };
    }
}
