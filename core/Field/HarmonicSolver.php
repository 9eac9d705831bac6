<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/**
 * The amplitude of a field that swings as e^{+iωt}: (K + iωC) θ̂ = load. The matrix is symmetric and complex, not
 * Hermitian, so that the conjugate gradients are taken without conjugation (van der Vorst and Melissen 1990, COCG;
 * from memory).
 */
final class HarmonicSolver
{
    private const MOST_STEPS = 200;

    private readonly Level $finest;

    private readonly HarmonicMultigrid $multigrid;

    public function __construct(private readonly Hierarchy $hierarchy)
    {
        $this->finest = $hierarchy->finest();
        $this->multigrid = new HarmonicMultigrid($hierarchy);
    }

    /**
     * @param  float  $tolerance  norm of the residual ÷ norm of the load
     * @param  array{array<int, float>, array<int, float>}|null  $guess  real and imaginary parts to begin with, K
     * @return array{array<int, float>, array<int, float>} real and imaginary parts by cell, K
     *
     * @throws Unsolved where it does not get there, which no section tried has done
     */
    public function solve(float $tolerance, ?array $guess = null): array
    {
        [$nx, $ny, $s, $size] = [$this->finest->nx, $this->finest->ny, $this->finest->stride, $this->finest->size];
        [$across, $up, $d, $storage] = [$this->finest->across, $this->finest->up, $this->finest->diagonal, $this->multigrid->storage()];
        [$rRe, $rIm] = $this->hierarchy->network->harmonicLoad();
        $xRe = $xIm = $pRe = $pIm = $wRe = $wIm = array_fill(0, $size, 0.0);
        $goal = 0.0;
        for ($q = 0; $q < $size; $q++) {
            $goal += $rRe[$q] * $rRe[$q] + $rIm[$q] * $rIm[$q];
        }
        $goal *= $tolerance * $tolerance;
        if ($guess !== null) {
            [$xRe, $xIm] = $guess;
            $this->takeOff($rRe, $rIm, $xRe, $xIm);
        }
        $beforeRe = $beforeIm = 0.0;
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            [$zRe, $zIm] = $this->multigrid->answer($rRe, $rIm);
            $rhoRe = $rhoIm = 0.0;
            for ($q = 0; $q < $size; $q++) {
                $a = $rRe[$q];
                $b = $rIm[$q];
                $c = $zRe[$q];
                $e = $zIm[$q];
                $rhoRe += $a * $c - $b * $e;
                $rhoIm += $a * $e + $b * $c;
            }
            if ($rhoRe === 0.0 && $rhoIm === 0.0) {
                return [$xRe, $xIm];
            }
            $m = $beforeRe * $beforeRe + $beforeIm * $beforeIm;
            $betaRe = $m > 0.0 ? ($rhoRe * $beforeRe + $rhoIm * $beforeIm) / $m : 0.0;
            $betaIm = $m > 0.0 ? ($rhoIm * $beforeRe - $rhoRe * $beforeIm) / $m : 0.0;
            $beforeRe = $rhoRe;
            $beforeIm = $rhoIm;
            for ($q = 0; $q < $size; $q++) {
                $a = $pRe[$q];
                $b = $pIm[$q];
                $pRe[$q] = $zRe[$q] + $betaRe * $a - $betaIm * $b;
                $pIm[$q] = $zIm[$q] + $betaRe * $b + $betaIm * $a;
            }
            unset($zRe, $zIm);
            $curveRe = $curveIm = 0.0;
            for ($j = 1; $j <= $ny; $j++) {
                for ($q = $j * $s + 1, $end = $q + $nx, $below = $q - $s, $above = $q + $s; $q < $end; $q++, $below++, $above++) {
                    $a = $across[$q - 1];
                    $b = $across[$q];
                    $c = $up[$below];
                    $e = $up[$q];
                    $x = $pRe[$q];
                    $y = $pIm[$q];
                    $m = $d[$q];
                    $n = $storage[$q];
                    $re = $m * $x - $n * $y - $a * $pRe[$q - 1] - $b * $pRe[$q + 1] - $c * $pRe[$below] - $e * $pRe[$above];
                    $im = $m * $y + $n * $x - $a * $pIm[$q - 1] - $b * $pIm[$q + 1] - $c * $pIm[$below] - $e * $pIm[$above];
                    $wRe[$q] = $re;
                    $wIm[$q] = $im;
                    $curveRe += $re * $x - $im * $y;
                    $curveIm += $re * $y + $im * $x;
                }
            }
            $m = $curveRe * $curveRe + $curveIm * $curveIm;
            $alphaRe = ($rhoRe * $curveRe + $rhoIm * $curveIm) / $m;
            $alphaIm = ($rhoIm * $curveRe - $rhoRe * $curveIm) / $m;
            $left = 0.0;
            for ($q = 0; $q < $size; $q++) {
                $a = $pRe[$q];
                $b = $pIm[$q];
                $xRe[$q] += $alphaRe * $a - $alphaIm * $b;
                $xIm[$q] += $alphaRe * $b + $alphaIm * $a;
                $a = $wRe[$q];
                $b = $wIm[$q];
                $re = $rRe[$q] - $alphaRe * $a + $alphaIm * $b;
                $im = $rIm[$q] - $alphaRe * $b - $alphaIm * $a;
                $rRe[$q] = $re;
                $rIm[$q] = $im;
                $left += $re * $re + $im * $im;
            }
            if ($left <= $goal) {
                return [$xRe, $xIm];
            }
        }
        throw new Unsolved('the harmonic field did not settle');
    }

    /**
     * What a guess leaves of the load.
     *
     * @param  array<int, float>  $rRe
     * @param  array<int, float>  $rIm
     * @param  array<int, float>  $xRe
     * @param  array<int, float>  $xIm
     */
    private function takeOff(array &$rRe, array &$rIm, array $xRe, array $xIm): void
    {
        [$nx, $ny, $s, $across, $up, $d, $storage] = [
            $this->finest->nx, $this->finest->ny, $this->finest->stride, $this->finest->across, $this->finest->up,
            $this->finest->diagonal, $this->multigrid->storage(),
        ];
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $nx; $q < $end; $q++) {
                $rRe[$q] -= $d[$q] * $xRe[$q]
                    - $storage[$q] * $xIm[$q]
                    - $across[$q - 1] * $xRe[$q - 1]
                    - $across[$q] * $xRe[$q + 1]
                    - $up[$q - $s] * $xRe[$q - $s]
                    - $up[$q] * $xRe[$q + $s];
                $rIm[$q] -= $d[$q] * $xIm[$q]
                    + $storage[$q] * $xRe[$q]
                    - $across[$q - 1] * $xIm[$q - 1]
                    - $across[$q] * $xIm[$q + 1]
                    - $up[$q - $s] * $xIm[$q - $s]
                    - $up[$q] * $xIm[$q + $s];
            }
        }
    }
}
