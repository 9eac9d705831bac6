<?php

declare(strict_types=1);

namespace Ondergrond\Size;

use BackedEnum;

/** One of the answers of something that is chosen, not typed. */
interface Choice extends BackedEnum
{
    /** As people read it. */
    public function label(): string;
}
