<?php

declare(strict_types=1);

namespace Ondergrond\Project;

/** What people have set of the order of work; all other dates are worked out. */
final readonly class SetDays
{
    /**
     * @param  string  $start  the first day, `2026-03-02`; empty: not set
     * @param  array<string, string>  $notBefore  days that tasks begin on or after, by task
     * @param  list<string>  $holidays  days that nobody works
     */
    public function __construct(
        public string $start = '',
        public array $notBefore = [],
        public array $holidays = [],
    ) {}

    /** @return array{start: string, not_before: array<string, string>, holidays: list<string>} */
    public function toArray(): array
    {
        return ['start' => $this->start, 'not_before' => $this->notBefore, 'holidays' => $this->holidays];
    }

    /** @param  array<string, mixed>  $data  of the schema's shape */
    public static function fromValid(array $data): self
    {
        return new self($data['start'] ?? '', (array) ($data['not_before'] ?? []), array_values($data['holidays'] ?? []));
    }
}
