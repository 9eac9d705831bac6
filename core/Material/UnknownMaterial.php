<?php

declare(strict_types=1);

namespace Ondergrond\Material;

use OutOfBoundsException;

final class UnknownMaterial extends OutOfBoundsException
{
    public static function named(string $slug): self
    {
        return new self("There is no material “{$slug}” in the catalogue.");
    }
}
