<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Numbers\ErrorFunction;

/** How deep frost goes in open ground, by the sums that are worked by hand. Depths in m. */
final class FrostDepth
{
    private const DAY = 86_400.0;

    /** Layers together are no deeper than this, m. */
    public const DEEPEST = 20.0;

    /**
     * Stefan: X = √(2 k n F / L).
     *
     * @param  float  $k  of the frozen ground, W/(m·K)
     * @param  float  $latent  J/m³, above 0
     * @param  float  $index  surface freezing index n·F, °C·d
     */
    public static function stefan(float $k, float $latent, float $index): float
    {
        return sqrt(2 * $k * self::DAY * $index / $latent);
    }

    /**
     * Modified Berggren (Aldrich and Paynter 1953; US Army TM 5-852-6, from memory): X = λ √(2 k n F / L), λ from Neumann's
     * solution with the mean of frozen and thawed properties on both sides of the front.
     *
     * @param  float  $k  mean of frozen and thawed, W/(m·K)
     * @param  float  $c  mean of frozen and thawed, J/(m³·K)
     * @param  float  $index  surface freezing index, °C·d
     * @param  float  $days  of the freezing season
     * @param  float  $mean  of the year, °C
     */
    public static function berggren(float $k, float $c, float $latent, float $index, float $days, float $mean): float
    {
        return self::coefficient($c, $latent, $index, $days, $mean) * self::stefan($k, $latent, $index);
    }

    /** λ of the modified Berggren formula, 0 to 1. */
    public static function coefficient(float $c, float $latent, float $index, float $days, float $mean): float
    {
        $step = $index / $days;
        $fusion = $c * $step / $latent;
        $gamma = self::neumann($step, max(0.0, $mean), 1.0, 1.0, $c, $c, $latent);

        return sqrt(2 / $fusion) * $gamma;
    }

    /**
     * The front of Neumann's two-phase solution after a season at one temperature, each side with its own properties.
     *
     * @param  float  $index  surface freezing index, °C·d
     */
    public static function exact(FrozenSoil $soil, float $index, float $days, float $mean): float
    {
        $gamma = self::neumann(
            $index / $days, max(0.0, $mean), $soil->frozen, $soil->thawed, $soil->frozenCapacity, $soil->thawedCapacity,
            $soil->latent,
        );

        return 2 * $gamma * sqrt($soil->frozen / $soil->frozenCapacity * $days * self::DAY);
    }

    /**
     * γ of Neumann's solution (Carslaw and Jaeger, Conduction of heat in solids, 2nd ed., 11.2; from memory): the front stands
     * at 2γ√(a_f t).
     *
     * @param  float  $below  the surface below 0 °C, K, above 0
     * @param  float  $above  the ground above 0 °C, K
     * @param  float  $kf  W/(m·K)
     * @param  float  $cf  J/(m³·K)
     */
    public static function neumann(float $below, float $above, float $kf, float $ku, float $cf, float $cu, float $latent): float
    {
        $ratio = sqrt(($kf / $cf) / ($ku / $cu));
        $side = $ku / $kf * $ratio * $above / $below;
        [$low, $high] = [1e-9, 10.0];
        for ($n = 0; $n < 200; $n++) {
            $g = ($low + $high) / 2;
            $u = $g * $ratio;
            // The share of the warm side falls off as the complementary error function does.
            $warm = $u > 25 ? $side * sqrt(M_PI) * $u : $side * exp(-$u * $u) / ErrorFunction::complement($u);
            $left = exp(-$g * $g) / ErrorFunction::of($g) - $warm - sqrt(M_PI) * $g * $latent / ($cf * $below);
            if ($left > 0.0) {
                $low = $g;
            } else {
                $high = $g;
            }
        }

        return ($low + $high) / 2;
    }

    /**
     * Open ground by EN ISO 13793:2001 (annex C, from memory): H₀ = √(7200 F λ_f / (L + C θ̄)), F in K·h.
     *
     * @param  float  $index  °C·d
     * @param  float  $mean  of the year, °C
     */
    public static function standard(FrozenSoil $soil, float $index, float $mean): float
    {
        return sqrt(7200 * FreezingIndex::kelvinHours($index) * $soil->frozen / ($soil->latent + $soil->thawedCapacity * max(0.0, $mean)));
    }

    /**
     * Layers by partial indices: what each takes of the index is (L d / λ²)(ΣR above + R/2), until what is left ends within one;
     * below the last the given ground goes on.
     *
     * @param  list<array{thickness: float, k: float, latent: float}>  $layers  from the surface down: m, W/(m·K), J/m³
     * @param  float  $k  of the ground below, W/(m·K)
     * @param  float  $latent  of the ground below, J/m³
     * @param  float  $index  surface freezing index, °C·d
     * @param  float  $coefficient  λ of the modified Berggren formula
     * @return array{depth: float, left: float, above: float} depth in m; index left for the ground below, °C·d; resistance above it, m²K/W
     */
    public static function layered(array $layers, float $k, float $latent, float $index, float $coefficient): array
    {
        $above = $depth = 0.0;
        foreach ($layers as $layer) {
            $r = $layer['thickness'] / $layer['k'];
            $takes = $layer['latent'] * $layer['thickness'] / (self::DAY * $coefficient ** 2) * ($above + $r / 2);
            if ($takes >= $index) {
                return [
                    'depth' => $depth + self::within($layer['k'], $layer['latent'], $index, $coefficient, $above),
                    'left' => 0.0,
                    'above' => $above,
                ];
            }
            $index -= $takes;
            $above += $r;
            $depth += $layer['thickness'];
        }

        return ['depth' => $depth + self::within($k, $latent, $index, $coefficient, $above), 'left' => $index, 'above' => $above];
    }

    /** How far into a layer an index reaches: L x (R + x/2k) / λ² = 86 400 · F. */
    private static function within(float $k, float $latent, float $index, float $coefficient, float $above): float
    {
        return sqrt(($k * $above) ** 2 + 2 * $k * self::DAY * $coefficient ** 2 * $index / $latent) - $k * $above;
    }
}
