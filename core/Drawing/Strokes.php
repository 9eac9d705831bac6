<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** Lines of one pen. */
final readonly class Strokes extends Item
{
    /** @param  list<list<array{float, float}>>  $lines each a run of points, m */
    public function __construct(
        Role $role,
        ?string $part,
        public array $lines,
    ) {
        parent::__construct($role, $part);
    }
}
