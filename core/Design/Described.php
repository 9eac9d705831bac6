<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Attribute;
use Ondergrond\Material\Place;

/** All that is said of a part as a whole; what is said of its sizes stands at them (Size). */
#[Attribute(Attribute::TARGET_CLASS_CONSTANT)]
final readonly class Described
{
    /**
     * @param  int  $row  its place within its group
     * @param  Place|null  $place  that its material is chosen for; null where it has none to choose
     * @param  string  $undrawn  why no section shows it as a region of its own; empty where one does
     * @param  string  $uncounted  why the take-off has no line of it; empty where it has
     * @param  string  $unordered  why an order has no line of it; empty where it has
     */
    public function __construct(
        public string $label,
        public Group $group,
        public int $row,
        public ?Place $place = null,
        public string $undrawn = '',
        public string $uncounted = '',
        public string $unordered = '',
    ) {}
}
