<?php

declare(strict_types=1);

namespace App\View;

/** One thing of a site that may be changed. */
final readonly class SiteInput
{
    /**
     * @param  string  $name  of the form's field, with dots
     * @param  array<string, string>|null  $options  to pick from, value => words; null where it is typed
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $value,
        public ?array $options,
        public string $hint,
    ) {}

    /** Whether it is one of the twelve months, which stand side by side. */
    public function isMonth(): bool
    {
        return (bool) preg_match('~\.\d+$~', $this->name);
    }
}
