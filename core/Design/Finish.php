<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Units\Quantity;

/** What is laid on the floor, and when. It has no thickness of its own in the section. */
final readonly class Finish implements DesignPart, Idle
{
    use Remade;

    /**
     * @param  FloorFinish  $kind  of most of the floor, by which heat and vapour are reckoned
     * @param  float  $wait  from the end of curing, when the concrete is uncovered, to laying, days; 0: not said
     * @param  Exposure  $exposure  how deep a slab that is the floor is ground
     * @param  float  $grit  it is stopped at; 0: not said
     * @param  float  $flatness  gap under a straightedge of 3 m that is allowed, m; 0: not said
     * @param  list<FinishArea>  $areas  that end in something else
     */
    public function __construct(
        #[Size('kind')]
        public FloorFinish $kind = FloorFinish::Bare,
        #[Size('laid after curing by', key: 'wait_days')]
        public float $wait = 0.0,
        #[Size('ground')]
        public Exposure $exposure = Exposure::NotSaid,
        #[Size('stopped at grit', key: 'grit', quantity: Quantity::Ratio)]
        public float $grit = 0.0,
        #[Size('gap under 3 m', sold: new Steps(0.03, 1, 0.0625))]
        public float $flatness = 0.0,
        #[Size('areas that differ', each: 'area #', of: FinishArea::class)]
        public array $areas = [],
    ) {}

    public function present(): bool
    {
        return $this->kind !== FloorFinish::Bare || $this->areas !== [];
    }

    public function idle(): array
    {
        return $this->kind === FloorFinish::Ground ? [] : ['exposure', 'grit', 'flatness'];
    }

    /** @return list<FloorFinish> all that it ends in */
    public function kinds(): array
    {
        return [$this->kind, ...array_map(static fn (FinishArea $a): FloorFinish => $a->kind, $this->areas)];
    }

    /** The one of them that asks for the driest concrete. */
    public function strictest(): FloorFinish
    {
        return array_reduce(
            $this->kinds(),
            static fn (FloorFinish $a, FloorFinish $b): FloorFinish => ($b->limit() ?? 2.0) < ($a->limit() ?? 2.0) ? $b : $a,
            $this->kind,
        );
    }
}
