<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Fault\Fault;

/** The floor in plan, to the inside face of the outer walls (overall internal dimensions, ISO 13789). */
final readonly class Footprint
{
    /** A limit that was rounded for reading may be typed back, m. */
    private const ROUNDING = 0.01;

    /** A floor narrower than this is a slip of the pen, m. */
    private const NARROWEST = 0.5;

    private function __construct(
        public float $area,
        public float $perimeter,
        public float $exposed,
    ) {}

    /**
     * @param  float  $area  m²
     * @param  float  $perimeter  the whole outline, m
     * @param  float  $exposed  the part of it that separates heated from outside or unheated, m
     */
    public static function of(float $area, float $perimeter, float $exposed): self
    {
        return new self($area, $perimeter, $exposed);
    }

    /** A rectangle with all its edges exposed. */
    public static function rectangle(float $length, float $width): self
    {
        return new self($length * $width, 2 * ($length + $width), 2 * ($length + $width));
    }

    /** Characteristic dimension B′ = A/(0.5 P), m (ISO 13370:2007, 8.1). */
    public function characteristicDimension(): float
    {
        return $this->area / (0.5 * $this->exposed);
    }

    /** @return list<Fault> pointers begin at the footprint */
    public function faults(): array
    {
        $shortest = 2 * sqrt(M_PI * $this->area);
        if ($this->perimeter < $shortest - self::ROUNDING) {
            return [Fault::range('/perimeter_m', $this->perimeter, $shortest, null, 'no shape of this area has a shorter outline than a circle')];
        }
        $longest = 2 * ($this->area / self::NARROWEST + self::NARROWEST);
        if ($this->perimeter > $longest + self::ROUNDING) {
            return [Fault::range('/perimeter_m', $this->perimeter, $shortest, $longest, 'from a circle of this area to a strip half a metre wide')];
        }
        if ($this->exposed > $this->perimeter + self::ROUNDING) {
            return [Fault::range('/exposed_perimeter_m', $this->exposed, null, $this->perimeter, 'the exposed part is no longer than the whole outline')];
        }

        return [];
    }
}
