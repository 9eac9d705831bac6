<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The vapour barrier under the slab, turned up at the edge to the slab's top. */
final readonly class Sheet implements DesignPart
{
    /** @param  float  $thickness m */
    public function __construct(
        public float $thickness,
        public SheetPosition $position,
    ) {}

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }
}
