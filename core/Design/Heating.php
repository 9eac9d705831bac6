<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** Pipes or cable in the floor. */
final readonly class Heating implements DesignPart
{
    use Remade;

    /**
     * @param  float  $depth  of the pipes below the finished floor, m
     * @param  float  $hottest  that any board beside pipe or cable gets, °C; 0: not said
     * @param  float  $plane  mean temperature at their plane over the heating months, °C
     */
    public function __construct(
        public HeatedIn $in = HeatedIn::None,
        public float $depth = 0.05,
        public float $plane = 28.0,
        public float $hottest = 0.0,
    ) {}

    public function present(): bool
    {
        return $this->in !== HeatedIn::None;
    }
}
