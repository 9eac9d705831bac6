<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;

/** What is laid on the floor, and when. It has no thickness of its own in the section. */
final readonly class Finish implements DesignPart
{
    use Remade;

    /** @param  float  $wait  from the end of curing, when the concrete is uncovered, to laying, days; 0: not said */
    public function __construct(
        #[Size('kind')]
        public FloorFinish $kind = FloorFinish::Bare,
        #[Size('laid after curing by', key: 'wait_days')]
        public float $wait = 0.0,
    ) {}

    public function present(): bool
    {
        return $this->kind !== FloorFinish::Bare;
    }
}
