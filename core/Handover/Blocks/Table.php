<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Blocks;

use Ondergrond\Handover\Block;

/** Rows under a heading. */
final readonly class Table implements Block
{
    /**
     * @param  list<string>  $head
     * @param  list<list<string>>  $rows
     * @param  list<int>  $figures  columns that hold figures, from 0
     */
    public function __construct(
        public string $caption,
        public array $head,
        public array $rows,
        public array $figures = [],
    ) {}
}
