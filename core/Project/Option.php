<?php

declare(strict_types=1);

namespace Ondergrond\Project;

use Ondergrond\Design\Design;

/** One design of a project, under a name. */
final readonly class Option
{
    /** @param  list<SetAside>  $setAside  rules that somebody has set aside on it */
    public function __construct(
        public string $name,
        public bool $pinned,
        public string $note,
        public Design $design,
        public array $setAside = [],
    ) {}
}
