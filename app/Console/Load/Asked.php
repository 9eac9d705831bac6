<?php

declare(strict_types=1);

namespace App\Console\Load;

/** One request of a person. */
final readonly class Asked
{
    /**
     * @param  string  $kind  what it counts as
     * @param  array<string, string>|null  $form  sent where it is not null
     * @param  float  $after  s from now
     * @param  string|null  $have  what its page shows already, where its script asks
     */
    public function __construct(
        public string $kind,
        public string $url,
        public ?array $form = null,
        public float $after = 0.0,
        public ?string $have = null,
    ) {}
}
