<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Rules\SlabBreak;

final class BreakAtGarage extends SlabBreak
{
    protected function neighbour(): string
    {
        return 'garage';
    }

    protected function length(Design $design): float
    {
        return $design->footprint->garage;
    }
}
