<?php

declare(strict_types=1);

namespace Ondergrond\Size;

use Ondergrond\Units\UnitSystem;

/** The sizes that something is bought or built in; stepping goes from one to the next. Common practice, no source. */
interface Sold
{
    /** @return non-empty-list<float> from small to large, m */
    public function sizes(UnitSystem $system): array;
}
