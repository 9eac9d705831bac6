<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Part;

/** The end of a part that can be dragged along one axis to another size. Paper knows no handles: only pages write them. */
final readonly class Handle extends Item
{
    /**
     * @param  string  $field  the size it changes, named as in project files
     * @param  'x'|'y'  $axis  along which it moves
     * @param  array{float, float}  $at  where it stands, m
     * @param  non-empty-list<Stop>  $stops
     */
    public function __construct(
        Part $part,
        public string $field,
        public string $axis,
        public array $at,
        public array $stops,
    ) {
        parent::__construct(Role::Handle, $part->value);
    }
}
