<?php

declare(strict_types=1);

namespace App\View;

/** Fields of a site that stand together on its page, and the line that stands for them where they are folded. */
final readonly class SiteCard
{
    /** @param  non-empty-list<SiteInput>  $fields */
    public function __construct(
        public string $slug,
        public string $legend,
        public string $line,
        public string $hint,
        public array $fields,
    ) {}

    /** @return list<string> names of its fields, with dots */
    public function names(): array
    {
        return array_map(static fn (SiteInput $f): string => $f->name, $this->fields);
    }
}
