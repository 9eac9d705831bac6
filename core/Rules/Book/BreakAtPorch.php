<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Rules\SlabBreak;

final class BreakAtPorch extends SlabBreak
{
    protected function neighbour(): string
    {
        return 'porch';
    }

    protected function length(Design $design): float
    {
        return $design->footprint->porch;
    }
}
