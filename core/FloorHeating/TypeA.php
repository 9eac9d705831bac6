<?php

declare(strict_types=1);

namespace Ondergrond\FloorHeating;

use Ondergrond\Design\Design;
use Ondergrond\Design\Heating;

/**
 * Pipes within a screed over insulation: q = K_H·Δθ_H (EN 1264-2:2008, 6.2, type A and C; formula and tables from memory).
 */
final readonly class TypeA
{
    /** α of a heated floor upward, W/(m²K). */
    public const ALPHA = 10.8;

    /** For pipes of λ 0.35 with walls of 2 mm, W/(m²K). */
    private const B = 6.7;

    private const OTHER_PIPES = 1.1;

    /** R_λB that the tables are for, m²K/W. */
    private const COVERINGS = [0.0, 0.05, 0.10, 0.15];

    private const SPACINGS = [0.05, 0.075, 0.1, 0.15, 0.2, 0.225, 0.3, 0.375];

    private const A_T = [1.23, 1.188, 1.156, 1.134];

    private const A_U = [
        [1.069, 1.056, 1.043, 1.037], [1.066, 1.053, 1.041, 1.035], [1.063, 1.05, 1.039, 1.0335], [1.057, 1.046, 1.035, 1.0305],
        [1.051, 1.041, 1.0315, 1.0275], [1.048, 1.038, 1.0295, 1.0255], [1.0395, 1.031, 1.024, 1.021], [1.03, 1.0221, 1.0181, 1.015],
    ];

    private const A_D = [
        [1.013, 1.013, 1.012, 1.011], [1.021, 1.019, 1.016, 1.014], [1.029, 1.025, 1.022, 1.018], [1.04, 1.034, 1.029, 1.024],
        [1.046, 1.04, 1.035, 1.03], [1.049, 1.043, 1.038, 1.033], [1.053, 1.049, 1.044, 1.039], [1.056, 1.051, 1.046, 1.042],
    ];

    /**
     * @param  float  $coverFactor  a_B
     * @param  float  $coefficient  K_H, W/(m²K)
     */
    private function __construct(
        public float $coverFactor,
        public float $coefficient,
    ) {}

    /** Null where the pipes lie otherwise than it knows: in the slab, covered too thick or too thin, too far apart. */
    public static function of(Design $design): ?self
    {
        $heating = $design->heating;
        $over = $heating->depth - $heating->pipe / 2;

        return ! $design->screed->present() || $heating->depth > $design->screed->thickness ? null
            : self::covered($heating, $over, $design->screed->material->conductivity, $design->finish->kind->resistance());
    }

    /**
     * @param  float  $over  s_u, of the screed over the pipes, m
     * @param  float  $conductivity  λ_E of the screed, W/(m·K)
     * @param  float  $covering  R_λB, m²K/W
     */
    public static function covered(Heating $heating, float $over, float $conductivity, float $covering): ?self
    {
        $t = $heating->spacing;
        $d = $heating->pipe;
        if ($t < 0.05 || $t > 0.375 || $d < 0.008 || $d > 0.03 || $over < 0.01 || $over > 0.10 || $covering > 0.15) {
            return null;
        }
        $ab = (1 / self::ALPHA + 0.045) / (1 / self::ALPHA + 0.045 / $conductivity + $covering);
        $b = self::B;
        $k = $b * $ab * self::along(self::COVERINGS, self::A_T, $covering) ** (1 - $t / 0.075)
            * self::table(self::A_U, $t, $covering) ** (100 * (0.045 - $over))
            * self::table(self::A_D, $t, $covering) ** (250 * ($d - 0.020));

        return new self($ab, self::walled($k, $heating));
    }

    /** For another wall of the pipe: 1/K_H = 1/K_H,0 + 1.1·T/π times the change of ln(d/(d − 2s))/(2λ) (6.2, formula for other pipes). */
    private static function walled(float $k, Heating $heating): float
    {
        $d = $heating->pipe;
        $wall = static fn (float $s): float => log($d / ($d - 2 * $s)) / (2 * M_PI * 0.35);

        return abs($heating->pipeWall - 0.002) < 1e-6 ? $k : 1 / (
            1 / $k
            + self::OTHER_PIPES * $heating->spacing * ($wall($heating->pipeWall) - $wall(0.002))
        );
    }

    /**
     * @param  list<list<float>>  $table  by spacing, then covering
     */
    private static function table(array $table, float $spacing, float $covering): float
    {
        return self::along(
            self::SPACINGS,
            array_map(static fn (array $row): float => self::along(self::COVERINGS, $row, $covering), $table),
            $spacing,
        );
    }

    /**
     * Between the values of a table.
     *
     * @param  list<float>  $at
     * @param  list<float>  $values
     */
    private static function along(array $at, array $values, float $x): float
    {
        $i = 1;
        while ($i < count($at) - 1 && $x > $at[$i]) {
            $i++;
        }
        $share = ($x - $at[$i - 1]) / ($at[$i] - $at[$i - 1]);

        return $values[$i - 1] + $share * ($values[$i] - $values[$i - 1]);
    }
}
