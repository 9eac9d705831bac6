<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Material\Material;

/** One row of the section log. */
final readonly class LogRow
{
    /**
     * @param  int|null  $order  its place in the order of laying, the number on its flag; null where it is left out
     * @param  Material|null  $drawn  what its hatch shows
     * @param  list<Material>  $materials  to pick from; empty where there is nothing to pick
     * @param  string|null  $depth  of its upper face under the slab's top, written out
     * @param  string|null  $resistance  written out
     */
    public function __construct(
        public Part $part,
        public ?int $order,
        public ?Layer $layer,
        public ?Material $drawn,
        public array $materials,
        public ?string $depth,
        public ?string $resistance,
        public string $note,
    ) {}
}
