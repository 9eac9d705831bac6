<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Fault\Fault;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** The floor in plan, to the inside face of the outer walls (overall internal dimensions, ISO 13789). */
final readonly class Footprint
{
    /** A limit that was rounded for reading may be typed back, m. */
    private const ROUNDING = 0.01;

    /** A floor narrower than this is a slip of the pen, m. */
    private const NARROWEST = 0.5;

    /**
     * @param  float  $area  m²
     * @param  float  $perimeter  the whole outline, m
     * @param  float  $exposed  the part of it that separates heated from outside or unheated, m
     * @param  float  $walkOut  of the exposed part, where the ground lies at the lower level, m
     * @param  float  $garage  of the exposed part, along an unheated garage, m
     * @param  float  $porch  of the exposed part, along a porch slab, m
     * @param  float  $party  of the rest, along a heated neighbour, m
     * @param  float  $doors  of the exposed part, together under doors, m
     * @param  float  $lotLine  from the outer face to the nearest lot or set-back line, m; 0 where none is near
     */
    public function __construct(
        #[Size('Floor area', key: 'area_m2')]
        public float $area,
        #[Size('Outline', quantity: Quantity::Length)]
        public float $perimeter,
        #[Size('Outline next to outside or unheated', key: 'exposed_perimeter_m', quantity: Quantity::Length)]
        public float $exposed,
        #[Size('Walk-out side, length', quantity: Quantity::Length)]
        public float $walkOut = 0.0,
        #[Size('Along a garage', quantity: Quantity::Length)]
        public float $garage = 0.0,
        #[Size('Along a porch', quantity: Quantity::Length)]
        public float $porch = 0.0,
        #[Size('Along a heated neighbour', quantity: Quantity::Length)]
        public float $party = 0.0,
        #[Size('Doors, together', quantity: Quantity::Length)]
        public float $doors = 0.0,
        #[Size('Nearest lot or set-back line', quantity: Quantity::Length)]
        public float $lotLine = 0.0,
    ) {}

    /** A rectangle with all its edges exposed. */
    public static function rectangle(float $length, float $width): self
    {
        return new self($length * $width, 2 * ($length + $width), 2 * ($length + $width));
    }

    /** The same with that much of its edge along a walk-out side, a garage, a porch or under doors, m; null leaves it. */
    public function along(?float $walkOut = null, ?float $garage = null, ?float $porch = null, ?float $doors = null): self
    {
        return new self(
            $this->area, $this->perimeter, $this->exposed, $walkOut ?? $this->walkOut, $garage ?? $this->garage,
            $porch ?? $this->porch, $this->party, $doors ?? $this->doors, $this->lotLine,
        );
    }

    /** Characteristic dimension B′ = A/(0.5 P), m (ISO 13370:2007, 8.1). */
    public function characteristicDimension(): float
    {
        return $this->area / (0.5 * $this->exposed);
    }

    /** Of the exposed part, along an unheated garage or porch, m. */
    public function alongNeighbour(): float
    {
        return $this->garage + $this->porch;
    }

    /** @return list<Fault> pointers begin at the footprint */
    public function faults(): array
    {
        $shortest = 2 * sqrt(M_PI * $this->area);
        if ($this->perimeter < $shortest - self::ROUNDING) {
            return [
                Fault::range(
                    '/perimeter_m', $this->perimeter, $shortest, null, 'no shape of this area has a shorter outline than a circle',
                ),
            ];
        }
        $longest = 2 * ($this->area / self::NARROWEST + self::NARROWEST);
        if ($this->perimeter > $longest + self::ROUNDING) {
            return [
                Fault::range(
                    '/perimeter_m', $this->perimeter, $shortest, $longest,
                    'from a circle of this area to a strip half a metre wide',
                ),
            ];
        }
        if ($this->exposed > $this->perimeter + self::ROUNDING) {
            return [
                Fault::range(
                    '/exposed_perimeter_m', $this->exposed, null, $this->perimeter,
                    'the exposed part is no longer than the whole outline',
                ),
            ];
        }
        $faults = [];
        $left = $this->exposed;
        foreach (['walk_out_m' => $this->walkOut, 'garage_m' => $this->garage, 'porch_m' => $this->porch] as $key => $length) {
            if ($length > $left + self::ROUNDING) {
                $faults[] = Fault::range('/'.$key, $length, 0.0, max(0.0, $left), 'what is left of the exposed part');
            }
            $left -= $length;
        }
        if ($this->doors > $this->exposed + self::ROUNDING) {
            $faults[] = Fault::range('/doors_m', $this->doors, 0.0, $this->exposed, 'doors lead out through the exposed part');
        }
        if ($this->party > $this->perimeter - $this->exposed + self::ROUNDING) {
            $faults[] = Fault::range(
                '/party_m', $this->party, 0.0, max(0.0, $this->perimeter - $this->exposed), 'the part that is not exposed',
            );
        }

        return $faults;
    }
}
