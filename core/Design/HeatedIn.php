<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** Where the heat of a floor comes from. */
enum HeatedIn: string
{
    case None = 'none';
    case Slab = 'slab';
    case Screed = 'screed';
}
