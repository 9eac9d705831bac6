<?php

declare(strict_types=1);

namespace App\View;

/** One thing of a part that may be changed. */
final readonly class LogInput
{
    /**
     * @param  string  $name  of the form's field, with dots
     * @param  string  $label  short; what part it belongs to is said by the row
     * @param  array<string, string>|null  $options  to pick from, value => words; null where it is typed
     * @param  array<string, string>  $refused  what may not be picked, and why
     * @param  array{}|array{list: string, below: int}  $sizes  that arrow keys step through
     * @param  string  $pad  which keys a telephone shows: `decimal` where numbers alone are typed, else `text`
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $value,
        public ?array $options = null,
        public array $refused = [],
        public array $sizes = [],
        public string $pad = 'text',
    ) {}
}
