<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

/** A stack with its barrier elsewhere, added or left out. */
final readonly class StackVariant
{
    public function __construct(
        public string $label,
        public DampStack $stack,
    ) {}
}
