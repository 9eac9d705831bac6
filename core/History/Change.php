<?php

declare(strict_types=1);

namespace Ondergrond\History;

/** One field that became another. */
final readonly class Change
{
    /**
     * @param  string  $path  of the field, with dots: `design.slab.thickness_m`
     * @param  mixed  $from  null where the field was not there
     * @param  mixed  $to  null where it is no longer there
     */
    public function __construct(
        public string $path,
        public mixed $from,
        public mixed $to,
    ) {}
}
