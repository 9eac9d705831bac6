<?php

declare(strict_types=1);

namespace App\View;

/** Rows of the log that belong together: those in the design, and those that are left out of it. */
final readonly class LogGroup
{
    /** @param  list<LogRow>  $rows */
    public function __construct(
        public string $slug,
        public string $title,
        public string $order,
        public array $rows,
    ) {}

    /** @return list<LogRow> */
    public function present(): array
    {
        return array_values(array_filter($this->rows, static fn (LogRow $r): bool => $r->present));
    }

    /** @return list<LogRow> */
    public function leftOut(): array
    {
        return array_values(array_filter($this->rows, static fn (LogRow $r): bool => ! $r->present));
    }
}
