<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** Pipes or cable in the floor. */
final readonly class Heating implements DesignPart
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
     * @param  float  $zones  rooms with a thermostat of their own
     */
    public function __construct(
        public HeatedIn $in = HeatedIn::None,
        public float $depth = 0.05,
        public float $plane = 28.0,
        public float $hottest = 0.0,
        public HeatBy $by = HeatBy::Pipes,
        public float $spacing = 0.15,
        public float $pipe = 0.016,
        public float $pipeWall = 0.002,
        public float $supply = 35.0,
        public float $waterDrop = 5.0,
        public float $power = 60.0,
        public float $loop = self::LOOP,
        public float $zones = 1.0,
    ) {}

    public function present(): bool
    {
        return $this->in !== HeatedIn::None;
    }

    /** Mean of the water on the design day, °C. */
    public function water(): float
    {
        return $this->supply - $this->waterDrop / 2;
    }
}
