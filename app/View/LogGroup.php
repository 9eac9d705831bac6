<?php

declare(strict_types=1);

namespace App\View;

/** Rows of the log that belong together. */
final readonly class LogGroup
{
    /** @param  list<LogRow>  $rows */
    public function __construct(
        public string $slug,
        public string $title,
        public string $order,
        public array $rows,
    ) {}
}
