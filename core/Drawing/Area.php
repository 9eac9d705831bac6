<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Material\Hatch;

/** A filled polygon with an outline. */
final readonly class Area extends Item
{
    /** @param  list<array{float, float}>  $polygon m */
    public function __construct(
        ?string $part,
        public array $polygon,
        public Hatch $fill,
        public string $title,
    ) {
        parent::__construct(Role::Area, $part);
    }
}
