<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\SlabBreak;

final class BreakAtGarage extends SlabBreak
{
    public function concern(): Concern
    {
        return Concern::Heat;
    }

    protected function neighbour(): string
    {
        return 'garage';
    }

    protected function length(Design $design): float
    {
        return $design->footprint->garage;
    }
}
