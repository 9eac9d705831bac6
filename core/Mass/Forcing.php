<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

/** What acts on a room hour by hour, and what is asked of its heating. All lists are as long as the run has hours. */
final readonly class Forcing
{
    /**
     * @param  list<float>  $outside  air, °C
     * @param  list<float>  $beyond  virtual temperature beyond the ground, °C
     * @param  list<float>  $sun  through all glass, before blinds, W
     * @param  list<float|null>  $set  what the thermostat asks, °C; null: no heating
     * @param  list<float>  $surplus  power that panels leave over, W
     */
    public function __construct(
        public array $outside,
        public array $beyond,
        public array $sun,
        public array $set,
        public array $surplus,
    ) {}

    public function hours(): int
    {
        return count($this->outside);
    }

    /**
     * The same with other lists.
     *
     * @param  list<float>|null  $sun
     * @param  list<float|null>|null  $set
     * @param  list<float>|null  $surplus
     */
    public function but(?array $sun = null, ?array $set = null, ?array $surplus = null): self
    {
        return new self($this->outside, $this->beyond, $sun ?? $this->sun, $set ?? $this->set, $surplus ?? $this->surplus);
    }

    /** Heated to one temperature all the time, whatever the season says, and without surplus power. */
    public function heatedTo(float $set): self
    {
        return $this->but(set: array_fill(0, $this->hours(), $set))->withoutSurplus();
    }

    /** Not heated at all, and without surplus power. */
    public function unheated(): self
    {
        return $this->but(set: array_fill(0, $this->hours(), null))->withoutSurplus();
    }

    public function withoutSurplus(): self
    {
        return $this->but(surplus: array_fill(0, $this->hours(), 0.0));
    }
}
