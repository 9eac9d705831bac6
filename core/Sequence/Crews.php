<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

/** How a firm works: its pace against common rates, and lead times that it is quoted. */
final readonly class Crews
{
    /**
     * @param  float  $pace  1: the common rates; more is faster
     * @param  float  $lead  from ordering to delivery, working days
     * @param  float  $permit  from asking to having services located, working days
     */
    public function __construct(
        public float $pace = 1.0,
        public float $lead = 5.0,
        public float $permit = 3.0,
    ) {}
}
