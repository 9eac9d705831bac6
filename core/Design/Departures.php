<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** All departures of a design; none as a rule. */
final readonly class Departures
{
    /** @var list<Departure> */
    public array $all;

    public function __construct(Departure ...$all)
    {
        $this->all = array_values($all);
    }

    /** Of the edge, together, m. */
    public function length(): float
    {
        return array_sum(array_map(static fn (Departure $d): float => $d->length, $this->all));
    }
}
