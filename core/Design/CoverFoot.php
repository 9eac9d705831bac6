<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What lies under the foot of a cover. */
enum CoverFoot: string implements Choice
{
    case NotSaid = 'not-said';
    case Backfill = 'backfill';
    case Gravel = 'gravel';
    case Paving = 'paving';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Backfill => 'backfill over its end',
            self::Gravel => 'a strip of gravel',
            self::Paving => 'it stands on paving',
        };
    }
}
