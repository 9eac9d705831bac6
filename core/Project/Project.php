<?php

declare(strict_types=1);

namespace Ondergrond\Project;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Inspection\Inspection;
use Ondergrond\Logbook\Entry;
use Ondergrond\Material\Product;
use Ondergrond\Plan\Plan;
use Ondergrond\Site\Site;
use Ondergrond\Units\UnitSystem;

/** A site with the designs that are weighed for it. */
final readonly class Project
{
    public string $id;

    /** @var non-empty-list<Option> */
    public array $options;

    /** @var list<Inspection> */
    public array $inspections;

    /**
     * @param  UnitSystem  $units  the system the job is bought and built in
     * @param  non-empty-list<Option>  $options  in the person's order
     * @param  list<Inspection>  $inspections  of damp places, in the order they were made
     * @param  string  $id  a Ulid; empty: one that its name gives, as its options and inspections are given theirs
     * @param  Release|null  $release  null: nothing is released to be built
     * @param  list<Entry>  $entries  of the log
     * @param  Plan|null  $plan  that the options' footprints follow from; null: each has its own as typed
     */
    public function __construct(
        public string $name,
        public UnitSystem $units,
        public Site $site,
        array $options,
        array $inspections = [],
        string $id = '',
        public ?Plan $plan = null,
        public ?Release $release = null,
        public array $entries = [],
    ) {
        $this->id = $id === '' ? Ulid::from('project', $name) : $id;
        $own = fn (string $what, int $i, string $called): string => Ulid::from($this->id, $what, (string) $i, $called);
        $this->options = array_map(
            static fn (Option $o, int $i): Option => $o->id === '' ? $o->named($own('option', $i, $o->name)) : $o,
            $options,
            array_keys($options),
        );
        $this->inspections = array_map(
            static fn (Inspection $s, int $i): Inspection => $s->id === '' ? $s->named($own('inspection', $i, $s->place)) : $s,
            $inspections,
            array_keys($inspections),
        );
    }

    /** @return list<Product> own products that its designs are made of, each in the version that the project took */
    public function products(): array
    {
        return array_values(array_merge(...array_map(static fn (Option $o): array => $o->design->products(), $this->options)));
    }

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

    /**
     * The same on that plan.
     *
     * @throws FaultyInput where an option cannot stand on it, with pointers into the project
     */
    public function planned(Plan $plan): self
    {
        $options = $faults = [];
        foreach ($this->options as $i => $option) {
            try {
                $options[] = $option->on($plan);
            } catch (FaultyInput $e) {
                array_push($faults, ...$e->at("/options/{$i}")->faults);
            }
        }
        if ($faults !== [] || $options === []) {
            throw FaultyInput::because($faults === [] ? [Fault::of('/options', 'nothing', 'at least one option')] : $faults);
        }

        return $this->but(options: $options, plan: $plan);
    }

    /** What an option stands on: its own plan, else the project's; null where none is drawn. */
    public function planOf(Option $option): ?Plan
    {
        return $option->plan ?? $this->plan;
    }

    /** @param  mixed  ...$with  by the names of its constructor's parameters */
    public function but(mixed ...$with): self
    {
        return new self(...[...get_object_vars($this), ...$with]);
    }

    /** The option that is released, or else the one of that name. */
    public function built(?string $name = null): ?Option
    {
        foreach ($name === null ? $this->options : [] as $option) {
            if ($option->id === $this->release?->option) {
                return $option;
            }
        }

        return $this->option($name);
    }

    /** @param  list<Entry>  $more */
    public function logged(array $more): self
    {
        return $this->but(entries: [...$this->entries, ...$more]);
    }
}
