<?php

declare(strict_types=1);

namespace Ondergrond\Project;

use Ondergrond\Inspection\Inspection;
use Ondergrond\Site\Site;
use Ondergrond\Units\UnitSystem;

/** A site with the designs that are weighed for it. */
final readonly class Project
{
    /**
     * @param  UnitSystem  $units  the system the job is bought and built in
     * @param  non-empty-list<Option>  $options  in the person's order
     * @param  list<Inspection>  $inspections  of damp places, in the order they were made
     */
    public function __construct(
        public string $name,
        public UnitSystem $units,
        public Site $site,
        public array $options,
        public array $inspections = [],
    ) {}

    /** The option of that name; without a name the pinned one, else the first. Null where no option bears the name. */
    public function option(?string $name = null): ?Option
    {
        foreach ($this->options as $option) {
            if ($name === null ? $option->pinned : $option->name === $name) {
                return $option;
            }
        }

        return $name === null ? $this->options[0] : null;
    }
}
