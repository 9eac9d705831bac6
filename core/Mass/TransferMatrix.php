<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Field\Complex;

/**
 * What a swing of temperature and flow on one side of plane layers becomes on the other, for one period: (θ̂₂, q̂₂) =
 * Z·(θ̂₁, q̂₁), flows from side 1, the inside, to side 2 (ISO 13786:2007, 7.2, from memory). The phase of Z₁₂ is followed
 * through thin slices, so that a lag of more than a period is told as such.
 */
final readonly class TransferMatrix
{
    /** A slice is no thicker than this in penetration depths: within it the phase turns by far less than half a turn. */
    private const SLICE = 0.5;

    /** Beyond so many penetration depths nothing arrives that a number could tell, and what is behind them does not matter. */
    private const DEEP = 300.0;

    /** @param  float  $turned  phase of Z₁₂, unwrapped, rad */
    private function __construct(
        public Complex $z11,
        public Complex $z12,
        public Complex $z21,
        public Complex $z22,
        public float $turned,
    ) {}

    /**
     * @param  list<HeatLayer>  $layers  from the inside outward
     * @param  float  $period  s
     * @param  float  $inside  surface resistance, m²K/W; 0 from surface to surface
     * @param  float  $outside  the same
     */
    public static function of(array $layers, float $period, float $inside, float $outside): self
    {
        $one = Complex::of(1.0);
        $z = new self($one, Complex::zero(), Complex::zero(), $one, M_PI);
        $depth = 0.0;
        foreach ([HeatLayer::film('', $inside), ...$layers, HeatLayer::film('', $outside)] as $layer) {
            $xi = $layer->thickness * sqrt(M_PI * $layer->capacity / ($period * max(1e-12, $layer->conductivity())));
            if ($layer->thickness <= 0.0) {
                $z = $layer->resistance > 0.0 ? $z->then(self::massless($layer->resistance)) : $z;

                continue;
            }
            if ($depth + $xi > self::DEEP) {
                // The layer goes on as if without end.
                $share = max(0.0, self::DEEP - $depth) / $xi;
                $z = $z->through($layer, $xi, $share);
                break;
            }
            $depth += $xi;
            $z = $z->through($layer, $xi, 1.0);
        }

        return $z;
    }

    /** Without a capacity: Z₁₂ = −R. */
    private static function massless(float $resistance): self
    {
        return new self(Complex::of(1.0), Complex::of(-$resistance), Complex::zero(), Complex::of(1.0), M_PI);
    }

    private function through(HeatLayer $layer, float $xi, float $share): self
    {
        $slices = max(1, (int) ceil($share * $xi / self::SLICE));
        $x = $share * $xi / $slices;
        $slice = self::slice($x, $share * $layer->resistance / $slices);
        $z = $this;
        for ($i = 0; $i < $slices; $i++) {
            $z = $z->then($slice);
        }

        return $z;
    }

    /**
     * One layer (ISO 13786:2007, 7.2.2, with ξ = d/δ, δ = √(λT/πρc)); 1/λ·δ/2 = R/(2ξ).
     *
     * @param  float  $xi  ξ
     * @param  float  $resistance  m²K/W
     */
    private static function slice(float $xi, float $resistance): self
    {
        [$ch, $sh, $c, $s] = [cosh($xi), sinh($xi), cos($xi), sin($xi)];
        $diagonal = Complex::of($ch * $c, $sh * $s);
        $across = Complex::of($sh * $c + $ch * $s, $ch * $s - $sh * $c);
        $along = Complex::of($sh * $c - $ch * $s, $sh * $c + $ch * $s);

        return new self($diagonal, $across->times(-$resistance / (2 * $xi)), $along->times(-$xi / $resistance), $diagonal, 0.0);
    }

    /** This, and then what lies further out. */
    private function then(self $next): self
    {
        $z12 = $next->z11->product($this->z12)->plus($next->z12->product($this->z22));
        $phase = atan2($z12->im, $z12->re);
        $turns = round(($this->turned - $phase) / (2 * M_PI));

        return new self(
            $next->z11->product($this->z11)->plus($next->z12->product($this->z21)), $z12,
            $next->z21->product($this->z11)->plus($next->z22->product($this->z21)),
            $next->z21->product($this->z12)->plus($next->z22->product($this->z22)), $phase + 2 * M_PI * $turns,
        );
    }
}
