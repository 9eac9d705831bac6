<?php

declare(strict_types=1);

namespace Ondergrond\Project;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Items;

/** One design of a project, under a name. */
final readonly class Option
{
    /**
     * @param  list<SetAside>  $setAside  rules that somebody has set aside on it
     * @param  string  $id  a Ulid; empty: its project gives it one
     * @param  Items  $layout  what the design puts on the plan
     * @param  SetDays  $days  what people have set of the order of work
     */
    public function __construct(
        public string $name,
        public bool $pinned,
        public string $note,
        public Design $design,
        public array $setAside = [],
        public string $id = '',
        public Items $layout = new Items,
        public SetDays $days = new SetDays,
    ) {}

    public function named(string $id): self
    {
        return new self($this->name, $this->pinned, $this->note, $this->design, $this->setAside, $id, $this->layout, $this->days);
    }

    public function designed(Design $design): self
    {
        return new self($this->name, $this->pinned, $this->note, $design, $this->setAside, $this->id, $this->layout, $this->days);
    }
}
