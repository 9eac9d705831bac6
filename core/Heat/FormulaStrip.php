<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Field\Boundary;
use Ondergrond\Field\Complex;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Field\Substance;

/**
 * The floor that the formula of ISO 13370 describes, solved as a field: an even floor, a wall that only covers the
 * ground, edge insulation as a strip of resistance or a board in the ground. Nothing else of the design is in it, so
 * that what it differs from the formula by is the formula's own approximation.
 */
final class FormulaStrip
{
    /** Ground outside and below, in widths of the floor (as in SectionProblem). */
    private const REACH = 5.0;

    private const FARTHEST = 20_000.0;

    public const FLOOR = 'floor';

    public const OUTSIDE = 'outside';

    /** Thermal transmittance of the strip, W/(m²K). */
    public static function transmittance(SlabOnGround $slab): float
    {
        return Solution::of(self::problem($slab))->steady->flows[self::FLOOR] / self::half($slab);
    }

    /** @param  float|null  $capacity  of the ground, J/(m³·K), where the yearly swing outside is wanted too */
    public static function problem(SlabOnGround $slab, ?float $capacity = null, bool $swingsInside = false): Problem
    {
        $half = self::half($slab);
        $reach = min(self::FARTHEST, self::REACH * 2 * $half);
        $lambda = $slab->groundConductivity;
        $patches = [Patch::rectangle(new Substance('ground', $lambda, $capacity), -$half, -$reach, $slab->wallThickness + $reach, 0.0)];
        $inside = $slab->rsi + $slab->floorResistance;
        $floor = [[-$half, 0.0, $inside]];
        $edge = $slab->edge;
        if ($slab->weaker !== null) {
            $strip = min($half, $slab->weaker->depth);
            $weak = $inside + $slab->weaker->additionalThickness($lambda) / $lambda;
            $floor = $strip < $half - 0.001 ? [[-$half, -$strip, $inside], [-$strip, 0.0, $weak]] : [[-$half, 0.0, $weak]];
        }
        if ($edge !== null && $edge->kind === EdgeKind::Horizontal && $edge->depth < $half - 0.001) {
            $floor = [[-$half, -$edge->depth, $inside], [-$edge->depth, 0.0, $inside + $edge->additionalThickness($lambda) / $lambda]];
        } elseif ($edge !== null && $edge->kind === EdgeKind::Horizontal) {
            $floor = [[-$half, 0.0, $inside + $edge->additionalThickness($lambda) / $lambda]];
        } elseif ($edge !== null && $edge->thickness > 0.001) {
            $board = new Substance('edge board', $edge->thickness / $edge->resistance, $capacity);
            $patches[] = Patch::rectangle($board, $slab->wallThickness, -$edge->depth, $slab->wallThickness + $edge->thickness, 0.0);
        }
        [$in, $out] = $swingsInside ? [1.0, 0.0] : [0.0, 1.0];

        return Problem::of($patches, [
            ...array_map(
                static fn (array $f): Boundary => Boundary::temperature(self::FLOOR, $f[0], 0.0, $f[1], 0.0, 1.0, $f[2], Complex::of($in)),
                $floor,
            ),
            Boundary::temperature(
                self::OUTSIDE, $slab->wallThickness, 0.0, $slab->wallThickness + $reach, 0.0, 0.0, $slab->rse, Complex::of($out),
            ),
        ], period: $capacity === null ? null : Problem::YEAR);
    }

    /** Half the floor's width, B′/2, m. */
    public static function half(SlabOnGround $slab): float
    {
        return $slab->characteristicDimension() / 2;
    }
}
