<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

use Ondergrond\Sequence\HoldPoint;

/** How a hold point stands, from the entries. */
final readonly class HoldState
{
    /**
     * @param  array<string, HoldItem>  $items  by id
     * @param  array<string, Entry>  $latest  what was last read of each, by id of the item
     * @param  Entry|null  $pass  the last that still counts
     * @param  bool  $isReopened  something was read as out after it had been passed
     */
    public function __construct(
        public HoldPoint $hold,
        public array $items,
        public array $latest,
        public ?Entry $pass,
        public bool $isReopened,
    ) {}

    /** @return list<string> ids of items that nobody has read */
    public function missing(): array
    {
        return array_keys(array_diff_key($this->items, $this->latest));
    }

    /** @return list<string> ids of items that are out */
    public function failing(): array
    {
        return array_keys(array_filter($this->latest, static fn (Entry $e): bool => $e->said()->state === State::Out));
    }

    /** @return list<string> ids of items that are missing or out and need a competent person */
    public function forCompetent(): array
    {
        return array_values(array_filter(
            [...$this->missing(), ...$this->failing()],
            fn (string $id): bool => $this->items[$id]->byCompetent,
        ));
    }

    public function word(): string
    {
        return match (true) {
            $this->isPassedOver() => 'passed over what is open',
            $this->pass !== null => 'passed',
            $this->isReopened => 'open again',
            $this->failing() !== [] => 'stopped',
            $this->missing() !== [] => 'to be read',
            default => 'ready to pass',
        };
    }

    public function isPassed(): bool
    {
        return $this->pass !== null;
    }

    /** Passed with items that were missing or out, for a reason that was given. */
    public function isPassedOver(): bool
    {
        return ($this->pass->passing->over ?? []) !== [];
    }
}
