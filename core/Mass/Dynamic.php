<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Field\Complex;

/** Dynamic thermal characteristics of plane layers for one period (ISO 13786:2007, 8, from memory). */
final readonly class Dynamic
{
    /** s. */
    public const DAY = 86_400.0;

    /**
     * @param  float  $period  s
     * @param  float  $transmittance  U, steady, W/(m²K)
     * @param  float  $admittance  |Y₁₁|, flow into the inside face for a swing of one kelvin of the inside, W/(m²K)
     * @param  float  $lead  by which that flow runs ahead of the temperature, s
     * @param  float  $outerAdmittance  |Y₂₂|, W/(m²K)
     * @param  float  $periodic  |Y₁₂|, what reaches the inside of a swing of one kelvin outside, W/(m²K)
     * @param  float  $decrement  f = |Y₁₂|/U
     * @param  float  $lag  of what comes through, s; more than a period where it is so slow
     * @param  float  $inner  κ₁ = T/2π·|(Z₁₁ − 1)/Z₁₂|, J/(m²·K)
     * @param  float  $outer  κ₂, J/(m²·K)
     */
    private function __construct(
        public float $period,
        public float $transmittance,
        public float $admittance,
        public float $lead,
        public float $outerAdmittance,
        public float $periodic,
        public float $decrement,
        public float $lag,
        public float $inner,
        public float $outer,
    ) {}

    /**
     * @param  list<HeatLayer>  $layers  from the inside outward
     * @param  float  $period  s
     * @param  float  $inside  surface resistance, m²K/W; 0 where the store of the layers alone is wanted
     * @param  float  $outside  the same
     *
     * @throws FaultyInput for layers without a thickness, or a period that is none
     */
    public static function of(array $layers, float $period, float $inside, float $outside): self
    {
        $resistance = $inside + $outside + array_sum(array_map(static fn (HeatLayer $l): float => $l->resistance, $layers));
        if (array_sum(array_map(static fn (HeatLayer $l): float => $l->store(), $layers)) <= 0.0) {
            throw FaultyInput::one(
                Fault::of('/layers', 'no layer with a thickness', 'at least one layer that has a thickness and stores heat'),
            );
        }
        if ($period < 3600.0 || $period > 366 * self::DAY) {
            throw FaultyInput::one(Fault::of('/periods_h', sprintf('%.4g h', $period / 3600), 'periods of 1 to 8784 h'));
        }
        $z = TransferMatrix::of($layers, $period, $inside, $outside);
        $one = Complex::of(1.0);
        $y11 = $z->z11->over($z->z12)->times(-1.0);
        $y22 = $z->z22->over($z->z12)->times(-1.0);
        $y12 = 1 / $z->z12->modulus();
        $half = $period / (2 * M_PI);

        return new self(
            $period,
            1 / $resistance,
            $y11->modulus(),
            $half * atan2($y11->im, $y11->re),
            $y22->modulus(),
            $y12,
            $y12 * $resistance,
            // Y₁₂ = −1/Z₁₂: behind by as much as Z₁₂ has turned past the half turn of its sign.
            $half * ($z->turned - M_PI),
            $half * $z->z11->minus($one)->over($z->z12)->modulus(),
            $half * $z->z22->minus($one)->over($z->z12)->modulus(),
        );
    }
}
