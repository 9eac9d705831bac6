<?php

declare(strict_types=1);

namespace App\View;

/** Fields of a site that stand together on its page. */
final readonly class SiteSection
{
    /** @param  non-empty-list<SiteInput>  $fields */
    public function __construct(
        public string $slug,
        public string $legend,
        public string $hint,
        public array $fields,
    ) {}
}
