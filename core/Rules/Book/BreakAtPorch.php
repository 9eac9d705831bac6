<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\SlabBreak;

final class BreakAtPorch extends SlabBreak
{
    public function concern(): Concern
    {
        return Concern::Heat;
    }

    protected function neighbour(): string
    {
        return 'porch';
    }

    protected function length(Design $design): float
    {
        return $design->footprint->porch;
    }
}
