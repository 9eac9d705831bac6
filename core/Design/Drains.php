<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** Pipes along the footing, outer and inner; a diameter of 0 means there is none. */
final readonly class Drains implements DesignPart
{
    use Remade;

    /**
     * @param  float  $outer  diameter, m
     * @param  float  $inner  diameter, m
     */
    public function __construct(
        public float $outer,
        public float $inner,
        public DrainOutlet $outlet = DrainOutlet::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->outer > 0.0 || $this->inner > 0.0;
    }
}
