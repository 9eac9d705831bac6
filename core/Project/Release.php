<?php

declare(strict_types=1);

namespace Ondergrond\Project;

/** That one option is what gets built: by whom, when, with what still open, and how it was changed since. */
final readonly class Release
{
    /**
     * @param  string  $option  its id
     * @param  string  $at  UTC
     * @param  list<string>  $open  findings that were open, in words
     * @param  list<DesignChange>  $changes  since then, oldest first
     */
    public function __construct(
        public string $option,
        public string $by,
        public string $at,
        public array $open = [],
        public array $changes = [],
    ) {}
}
