<?php

declare(strict_types=1);

namespace Ondergrond\Project;

use Ondergrond\Design\Design;

/** One design of a project, under a name. */
final readonly class Option
{
    public function __construct(
        public string $name,
        public bool $pinned,
        public string $note,
        public Design $design,
    ) {}
}
