<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/**
 * A floor a little below the ground: the standard's slab on the ground (ISO 13370:2007, 9.1) at the ground's level, its heated
 * basement (9.3) from a foot below on, in between by the share of that depth, since the standard leaves open where one becomes
 * the other and the two differ by what edge boards count for.
 */
final readonly class ShallowFloor extends GroundFormula
{
    /** From here on a floor is a basement's, m; our own figure. */
    public const DEEP = 0.3;

    public function __construct(
        public SlabOnGround $slab,
        public HeatedBasement $basement,
    ) {
        parent::__construct($slab->area, $slab->perimeter, $slab->groundConductivity);
    }

    /** 0 at the ground's level, 1 where it is a basement. */
    public function share(): float
    {
        return min(1.0, $this->basement->depth / self::DEEP);
    }

    public function label(): string
    {
        return 'slab a little below the ground';
    }

    public function clauses(): string
    {
        return '9.1 and 9.3 by depth, annex B, A.3, A.4';
    }

    public function steadyCoefficient(): float
    {
        return $this->between($this->slab->steadyCoefficient(), $this->basement->steadyCoefficient());
    }

    public function transmittance(): float
    {
        return $this->steadyCoefficient() / ($this->area + $this->basement->depth * $this->perimeter);
    }

    public function faces(): array
    {
        [$floor, $wall] = [$this->basement->floorTransmittance(), $this->basement->wallTransmittance()];
        $slab = $this->slab->transmittance();

        // The sliver of wall that is buried counts as it grows.
        return ['floor' => $this->between($slab, $floor), 'buried wall' => $this->between($slab, $wall)];
    }

    public function insideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float
    {
        return $this->between($this->slab->insideCoefficient($capacity, $period), $this->basement->insideCoefficient($capacity, $period));
    }

    public function outsideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float
    {
        return $this->between($this->slab->outsideCoefficient($capacity, $period), $this->basement->outsideCoefficient($capacity, $period));
    }

    public function outsideLag(): float
    {
        return YearlyFlow::OUTSIDE_LAG;
    }

    public function shares(): array
    {
        [$floor, $wall] = array_values($this->basement->shares());

        return ['floor' => $this->between($this->slab->steadyCoefficient(), $floor), 'buried wall' => $this->share() * $wall];
    }

    public function inputs(): array
    {
        return [...$this->basement->inputs(), ...$this->slab->inputs(), 'basement_share' => $this->share()];
    }

    public function steps(): array
    {
        return [...$this->basement->steps(), ...$this->slab->steps()];
    }

    private function between(float $slab, float $basement): float
    {
        return $slab + $this->share() * ($basement - $slab);
    }
}
