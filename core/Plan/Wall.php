<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** What is known of one wall of the outline. */
final readonly class Wall
{
    /**
     * @param  WallKind  $kind  what lies beyond it
     * @param  float  $grade  level of the ground where it begins, over the ground at the common edge, m
     * @param  float  $gradeTo  where it ends, m
     * @param  float  $step  how much deeper the footing goes along it than along the common edge, m
     */
    public function __construct(
        #[Size('beyond the wall')]
        public WallKind $kind = WallKind::Outside,
        #[Size('ground where it begins', quantity: Quantity::Length)]
        public float $grade = 0.0,
        #[Size('ground where it ends', quantity: Quantity::Length)]
        public float $gradeTo = 0.0,
        #[Size('footing steps down by', quantity: Quantity::Length)]
        public float $step = 0.0,
    ) {}

    /** The lowest ground along it, m: what its section is judged with. */
    public function lowest(): float
    {
        return min($this->grade, $this->gradeTo);
    }

    /** Whether its section is another than that of its kind elsewhere. */
    public function differs(): bool
    {
        return abs($this->lowest()) > 1e-6 || abs($this->step) > 1e-6;
    }
}
