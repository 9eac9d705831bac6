<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Design;
use Ondergrond\Design\Footprint;
use Ondergrond\Units\Unit;

/** The same loss by the North American school, to be read beside ISO 13370: tens of per cent apart are usual. */
final readonly class OtherSchool
{
    /**
     * F of an unheated slab's edge, Btu/(h·ft·°F): ANSI/ASHRAE/IES 90.1, appendix A (from memory). Least R of a board
     * in ft²·h·°F/Btu and least depth in inches that earn it; the last one asks for the board under the whole slab.
     */
    private const F = [
        'no insulation' => [0.73, 0.0, 0.0],
        'R-10 vertical, 24 in' => [0.54, 10.0, 24.0],
        'R-10 vertical, 48 in' => [0.48, 10.0, 48.0],
        'R-10 throughout' => [0.36, 10.0, INF],
    ];

    /**
     * @param  string  $method  which sum, with its source
     * @param  float  $coefficient  W/K
     * @param  array<string, float>  $steps  values on the way, keys ending in their unit
     */
    private function __construct(
        public string $method,
        public float $coefficient,
        public array $steps,
    ) {}

    /** @return list<self> none where that school has no sum for it */
    public static function of(GroundFormula $formula, Design $design): array
    {
        return match (true) {
            $formula instanceof ShallowFloor => [self::belowGrade($formula->basement, $design)],
            $formula instanceof HeatedBasement => [self::belowGrade($formula, $design)],
            $formula instanceof SlabOnGround => [self::slabEdge($formula, $design)],
            default => [],
        };
    }

    /**
     * U of a buried wall between two depths: 2k/(π(z₂ − z₁)) [ln(z₂ + 2kR/π) − ln(z₁ + 2kR/π)], W/(m²K); R with the
     * surface's (ASHRAE Handbook of Fundamentals, residential load calculation, below-grade surfaces; from memory).
     */
    public static function wallAverage(float $conductivity, float $from, float $to, float $resistance): float
    {
        $lag = 2 * $conductivity * $resistance / M_PI;

        return 2 * $conductivity / (M_PI * ($to - $from)) * (log($to + $lag) - log($from + $lag));
    }

    /** U of a basement floor: 2k/(πw) [ln(w/2 + z/2 + kR/π) − ln(z/2 + kR/π)], W/(m²K); w its shorter side. */
    public static function floorAverage(float $conductivity, float $width, float $depth, float $resistance): float
    {
        $lag = $depth / 2 + $conductivity * $resistance / M_PI;

        return 2 * $conductivity / (M_PI * $width) * (log($width / 2 + $lag) - log($lag));
    }

    /** Of the rectangle that has this area and outline, m; of a square where none has. */
    private static function shorterSide(Footprint $plan): float
    {
        $mean = $plan->perimeter / 4;

        return $mean ** 2 < $plan->area ? sqrt($plan->area) : $mean - sqrt($mean ** 2 - $plan->area);
    }

    private static function belowGrade(HeatedBasement $b, Design $design): self
    {
        $wall = self::wallAverage($b->groundConductivity, 0.0, $b->depth, SurfaceResistance::INSIDE_HORIZONTAL + $b->wallResistance);
        $floor = self::floorAverage(
            $b->groundConductivity,
            self::shorterSide($design->footprint),
            $b->depth,
            $b->rsi + $b->floorResistance,
        );

        return new self(
            'ASHRAE Fundamentals, averages of below-grade walls and floors (from memory)',
            $b->area * $floor + $b->depth * $b->perimeter * $wall,
            ['u_wall_w_m2k' => $wall, 'u_floor_w_m2k' => $floor],
        );
    }

    private static function slabEdge(SlabOnGround $slab, Design $design): self
    {
        $r = static fn (float $resistance): float => $resistance / Unit::rValue()->factor;
        $edges = Iso13370::of($design)->edges();
        $best = 'no insulation';
        foreach (self::F as $name => [$f, $least, $depth]) {
            $earned = $depth === INF
                ? $r($slab->floorResistance) >= $least - 0.05 && $edges !== []
                : array_filter(
                    $edges,
                    static fn (EdgeInsulation $e): bool => $e->kind === EdgeKind::Vertical
                        && $r($e->resistance) >= $least - 0.05
                        && $e->depth + max(
                            0.0,
                            $design->slab->topAboveGrade,
                        ) >= $depth * Unit::INCH - 0.001,
                ) !== [];
            $best = $least === 0.0 || $earned ? $name : $best;
        }
        $factor = self::F[$best][0] * Unit::btuPerFoot()->factor;

        return new self(
            "Slab-edge F-factor, ANSI/ASHRAE/IES 90.1 appendix A (from memory): {$best}",
            $factor * $slab->perimeter,
            ['f_w_mk' => $factor],
        );
    }
}
