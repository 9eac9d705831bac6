<?php

declare(strict_types=1);

namespace Ondergrond\Project;

use Ondergrond\Design\Design;

/** One design of a project, under a name. */
final readonly class Option
{
    /**
     * @param  list<SetAside>  $setAside  rules that somebody has set aside on it
     * @param  string  $id  a Ulid; empty: its project gives it one
     */
    public function __construct(
        public string $name,
        public bool $pinned,
        public string $note,
        public Design $design,
        public array $setAside = [],
        public string $id = '',
    ) {}

    public function named(string $id): self
    {
        return new self($this->name, $this->pinned, $this->note, $this->design, $this->setAside, $id);
    }
}
