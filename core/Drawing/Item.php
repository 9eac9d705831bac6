<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** One thing on a drawing. What it stands for decides how a writer shows it. */
abstract readonly class Item
{
    /**
     * @param  Role  $role  what it stands for
     * @param  string|null  $part  key of the part it belongs to
     */
    public function __construct(
        public Role $role,
        public ?string $part,
    ) {}
}
