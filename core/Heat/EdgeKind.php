<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/** How edge insulation lies (ISO 13370:2007, annex B). */
enum EdgeKind: string
{
    case Horizontal = 'horizontal';
    case Vertical = 'vertical';

    /** A vertical board counts with twice its depth. */
    public function depthFactor(): float
    {
        return $this === self::Vertical ? 2.0 : 1.0;
    }
}
