<?php

declare(strict_types=1);

namespace Ondergrond\Inspection;

/** What somebody saw and measured at one damp place on one day. */
final readonly class Inspection
{
    /**
     * @param  string  $place  free words
     * @param  string  $on  date, as 2026-02-14
     * @param  string  $by  who looked
     * @param  list<Sign>  $signs
     * @param  float|null  $height  that the damp reaches over the floor, m
     * @param  list<MeterReading>  $readings
     * @param  float|null  $air  of the room, °C
     * @param  float|null  $humidity  of the room, as a share
     * @param  float|null  $surface  where it is damp, °C
     * @param  string  $note  free words
     * @param  string  $id  a Ulid; empty: its project gives it one
     */
    public function __construct(
        public string $place,
        public string $on,
        public string $by = '',
        public array $signs = [],
        public ?float $height = null,
        public array $readings = [],
        public ?float $air = null,
        public ?float $humidity = null,
        public ?float $surface = null,
        public string $note = '',
        public string $id = '',
    ) {}

    public function named(string $id): self
    {
        return new self(...[...get_object_vars($this), 'id' => $id]);
    }
}
