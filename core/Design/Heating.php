<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;
use Ondergrond\Units\Quantity;

/** Pipes or cable in the floor. */
final readonly class Heating implements DesignPart, Idle
{
    use Remade;

    /** A loop of common size stays below this, m; common practice, no source. */
    public const LOOP = 90.0;

    /**
     * @param  float  $depth  of the pipes' axis below the finished floor, m
     * @param  float  $plane  mean temperature at their plane over the heating months, °C
     * @param  float  $hottest  that any board beside pipe or cable gets, °C; 0: not said
     * @param  float  $spacing  from one pipe to the next, m
     * @param  float  $pipe  outside diameter, m
     * @param  float  $pipeWall  m
     * @param  float  $supply  water on the design day as it goes in, °C
     * @param  float  $waterDrop  by which it has cooled when it comes back, K
     * @param  float  $power  of a cable, W/m² of floor
     * @param  float  $loop  longest loop, m
     * @param  float  $cableDepth  of a cable beside pipes, below the finished floor, m; 0: there is none
     * @param  float  $zones  rooms with a thermostat of their own
     */
    public function __construct(
        #[Size('in')]
        public HeatedIn $in = HeatedIn::None,
        #[Size('depth', sold: new Steps(0.6, 5, 0.25, 10, 0.5))]
        public float $depth = 0.05,
        #[Size('at the pipes', key: 'plane_c')]
        public float $plane = 28.0,
        #[Size('hottest at a board', key: 'hottest_c')]
        public float $hottest = 0.0,
        #[Size('by')]
        public HeatBy $by = HeatBy::Pipes,
        #[Size('apart', sold: new Steps(0.6, 25, 1, 50, 3))]
        public float $spacing = 0.15,
        #[Size('pipe', sold: Stock::Pipes)]
        public float $pipe = 0.016,
        #[Size('pipe wall')]
        public float $pipeWall = 0.002,
        #[Size('water in, design day', key: 'supply_c')]
        public float $supply = 35.0,
        #[Size('water cools by', key: 'water_drop_k')]
        public float $waterDrop = 5.0,
        #[Size('cable gives', key: 'power_w_m2')]
        public float $power = 60.0,
        #[Size('longest loop', quantity: Quantity::Length)]
        public float $loop = self::LOOP,
        #[Size('zones', key: 'zones', quantity: Quantity::Ratio)]
        public float $zones = 1.0,
        #[Size('cable as well, at', sold: new Steps(0.6, 5, 0.25, 10, 0.5))]
        public float $cableDepth = 0.0,
        #[Size('cable heats', key: 'cable_when')]
        public CableDays $cableDays = CableDays::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->in !== HeatedIn::None;
    }

    public function idle(): array
    {
        return match (true) {
            $this->in === HeatedIn::None => [
                'depth', 'plane', 'hottest', 'by', 'spacing', 'pipe', 'pipeWall', 'supply', 'waterDrop', 'power', 'loop', 'zones',
                'cableDepth', 'cableDays',
            ],
            $this->by === HeatBy::Cable => ['pipeWall', 'supply', 'waterDrop', 'loop', 'cableDepth', 'cableDays'],
            $this->hasBoth() => [],
            default => ['power', 'cableDays'],
        };
    }

    /** Whether a cable lies in it beside the pipes. */
    public function hasBoth(): bool
    {
        return $this->present() && $this->by === HeatBy::Pipes && $this->cableDepth > 0.0;
    }

    /** Mean of the water on the design day, °C. */
    public function water(): float
    {
        return $this->supply - $this->waterDrop / 2;
    }
}
