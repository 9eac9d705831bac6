<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** A part of a design. Its sizes are constructor parameters; a part that is left out keeps the sizes it would come in with. */
interface DesignPart
{
    public function present(): bool;
}
