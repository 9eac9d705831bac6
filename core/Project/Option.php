<?php

declare(strict_types=1);

namespace Ondergrond\Project;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;

/** One design of a project, under a name. */
final readonly class Option
{
    /**
     * @param  list<SetAside>  $setAside  rules that somebody has set aside on it
     * @param  string  $id  a Ulid; empty: its project gives it one
     * @param  Items  $layout  what the design puts on the plan
     * @param  SetDays  $days  what people have set of the order of work
     * @param  Design  $design  as it is judged: on a plan, with what follows from that
     * @param  Plan|null  $plan  a whole plan of its own; null: it follows its project's
     * @param  Design|null  $typed  what was typed, where a plan has it otherwise; null: the design
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
        public ?Plan $plan = null,
        public ?Design $typed = null,
    ) {}

    /** @param  mixed  ...$with  by the names of its constructor's parameters */
    public function but(mixed ...$with): self
    {
        return new self(...[...get_object_vars($this), ...$with]);
    }

    public function named(string $id): self
    {
        return $this->but(id: $id);
    }

    public function designed(Design $design): self
    {
        return $this->but(design: $design, typed: null);
    }

    /** What files and states say of it: as typed, with the footprint that it stands on. */
    public function written(): Design
    {
        return $this->typed ?? $this->design;
    }

    /**
     * With its design on its own plan, else on that of its project.
     *
     * @throws FaultyInput where it cannot stand on it, with pointers into the option
     */
    public function on(?Plan $projects): self
    {
        $plan = $this->plan ?? $projects;
        if ($plan === null) {
            return $this;
        }
        $faults = $plan->itemFaults($this->layout, '/layout');
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        try {
            $typed = $this->written();
            $design = PlannedDesign::of($plan, $typed, $this->layout);

            return $this->but(design: $design, typed: $typed->with(['footprint' => $design->footprint]));
        } catch (FaultyInput $e) {
            throw $e->at('/design');
        }
    }
}
