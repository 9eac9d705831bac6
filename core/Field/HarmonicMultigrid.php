<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/**
 * SteadyMultigrid for a matrix with an imaginary part on its diagonal: heat that is stored. The conductances are real,
 * so only pivots, residuals and answers come in pairs, real and imaginary. Step by step it is the same method; there
 * the steps are explained.
 */
final class HarmonicMultigrid
{
    private const COARSEST_STEPS = 4;

    /** @var non-empty-list<Level> */
    private readonly array $levels;

    /** @var list<array<int, float>> by level: ω times what each cell stores */
    private array $storage = [];

    /** @var list<array<int, float>> by level: 1 ÷ pivot of the elimination along rows */
    private array $pivotXRe = [];

    /** @var list<array<int, float>> */
    private array $pivotXIm = [];

    /** @var list<array<int, float>> */
    private array $pivotYRe = [];

    /** @var list<array<int, float>> */
    private array $pivotYIm = [];

    /** @var list<array<int, float>> */
    private array $residualRe = [];

    /** @var list<array<int, float>> */
    private array $residualIm = [];

    /** @var list<array<int, float>> */
    private array $answerRe = [];

    /** @var list<array<int, float>> */
    private array $answerIm = [];

    public function __construct(Hierarchy $hierarchy)
    {
        $this->levels = $hierarchy->levels;
        $storage = $hierarchy->network->storage();
        foreach ($this->levels as $k => $level) {
            $this->storage[] = $storage;
            $this->factor($level, $storage);
            $nothing = array_fill(0, $level->size, 0.0);
            $this->residualRe[] = $this->residualIm[] = [];
            $this->answerRe[] = $this->answerIm[] = $nothing;
            if (isset($this->levels[$k + 1])) {
                $storage = self::joined($level, $this->levels[$k + 1], $storage);
            }
        }
    }

    /**
     * @param  array<int, float>  $storage
     * @return array<int, float>
     */
    private static function joined(Level $fine, Level $coarse, array $storage): array
    {
        $sum = array_fill(0, $coarse->size, 0.0);
        for ($j = 1; $j <= $fine->ny; $j++) {
            $row = ($fine->joinsRows ? ($j + 1) >> 1 : $j) * $coarse->stride;
            for ($i = 1, $q = $j * $fine->stride + 1; $i <= $fine->nx; $i++, $q++) {
                $sum[$row + ($fine->joinsColumns ? ($i + 1) >> 1 : $i)] += $storage[$q];
            }
        }

        return $sum;
    }

    /** @param  array<int, float>  $storage */
    private function factor(Level $level, array $storage): void
    {
        [$nx, $ny, $s, $across, $up, $d] = [$level->nx, $level->ny, $level->stride, $level->across, $level->up, $level->diagonal];
        $xRe = $xIm = $yRe = $yIm = array_fill(0, $level->size, 0.0);
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $nx, $p = $q - $s; $q < $end; $q++, $p++) {
                $g = $across[$q - 1] * $across[$q - 1];
                $re = $d[$q] - $g * $xRe[$q - 1];
                $im = $storage[$q] - $g * $xIm[$q - 1];
                $m = 1.0 / ($re * $re + $im * $im);
                $xRe[$q] = $re * $m;
                $xIm[$q] = -$im * $m;
                $g = $up[$p] * $up[$p];
                $re = $d[$q] - $g * $yRe[$p];
                $im = $storage[$q] - $g * $yIm[$p];
                $m = 1.0 / ($re * $re + $im * $im);
                $yRe[$q] = $re * $m;
                $yIm[$q] = -$im * $m;
            }
        }
        $this->pivotXRe[] = $xRe;
        $this->pivotXIm[] = $xIm;
        $this->pivotYRe[] = $yRe;
        $this->pivotYIm[] = $yIm;
    }

    /** @return array<int, float> ω times what each cell of the finest level stores, W/(m·K) */
    public function storage(): array
    {
        return $this->storage[0];
    }

    /**
     * @param  array<int, float>  $re
     * @param  array<int, float>  $im
     * @return array{array<int, float>, array<int, float>}
     */
    public function answer(array $re, array $im): array
    {
        $this->residualRe[0] = $re;
        $this->residualIm[0] = $im;
        $this->cycle(0);
        $this->residualRe[0] = $this->residualIm[0] = [];

        return [$this->answerRe[0], $this->answerIm[0]];
    }

    private function cycle(int $k): void
    {
        $coarsest = $this->levels[$k]->isCoarsest();
        for ($step = $coarsest ? self::COARSEST_STEPS : 1, $first = true; $step > 0; $step--, $first = false) {
            $this->rows($k, 1, $first);
            $this->rows($k, 2);
            $this->columns($k, 1);
            $this->columns($k, 2);
        }
        if (! $coarsest) {
            $this->restrict($k);
            $this->cycle($k + 1);
            $this->correct($k);
        }
        for ($step = $coarsest ? self::COARSEST_STEPS : 1; $step > 0; $step--) {
            $this->columns($k, 2);
            $this->columns($k, 1);
            $this->rows($k, 2);
            $this->rows($k, 1);
        }
    }

    private function rows(int $k, int $start, bool $fromNothing = false): void
    {
        $level = $this->levels[$k];
        [$nx, $ny, $s, $across, $up] = [$level->nx, $level->ny, $level->stride, $level->across, $level->up];
        [$pRe, $pIm, $rRe, $rIm] = [$this->pivotXRe[$k], $this->pivotXIm[$k], $this->residualRe[$k], $this->residualIm[$k]];
        [$u, $v] = [$this->answerRe[$k], $this->answerIm[$k]];
        $this->answerRe[$k] = $this->answerIm[$k] = [];
        for ($j = $start; $j <= $ny; $j += 2) {
            $begin = $j * $s + 1;
            $end = $begin + $nx;
            $x = $y = $g = 0.0;
            if ($fromNothing) {
                for ($q = $begin; $q < $end; $q++) {
                    $re = $rRe[$q] + $g * $x;
                    $im = $rIm[$q] + $g * $y;
                    $m = $pRe[$q];
                    $n = $pIm[$q];
                    $x = $re * $m - $im * $n;
                    $y = $re * $n + $im * $m;
                    $u[$q] = $x;
                    $v[$q] = $y;
                    $g = $across[$q];
                }
            } else {
                for ($q = $begin, $below = $q - $s, $above = $q + $s; $q < $end; $q++, $below++, $above++) {
                    $a = $up[$below];
                    $b = $up[$q];
                    $re = $rRe[$q] + $a * $u[$below] + $b * $u[$above] + $g * $x;
                    $im = $rIm[$q] + $a * $v[$below] + $b * $v[$above] + $g * $y;
                    $m = $pRe[$q];
                    $n = $pIm[$q];
                    $x = $re * $m - $im * $n;
                    $y = $re * $n + $im * $m;
                    $u[$q] = $x;
                    $v[$q] = $y;
                    $g = $across[$q];
                }
            }
            for ($q = $end - 2; $q >= $begin; $q--) {
                $g = $across[$q];
                $re = $g * $x;
                $im = $g * $y;
                $m = $pRe[$q];
                $n = $pIm[$q];
                $x = $u[$q] + $re * $m - $im * $n;
                $y = $v[$q] + $re * $n + $im * $m;
                $u[$q] = $x;
                $v[$q] = $y;
            }
        }
        $this->answerRe[$k] = $u;
        $this->answerIm[$k] = $v;
    }

    private function columns(int $k, int $start): void
    {
        $level = $this->levels[$k];
        [$nx, $ny, $s, $across, $up] = [$level->nx, $level->ny, $level->stride, $level->across, $level->up];
        [$pRe, $pIm, $rRe, $rIm] = [$this->pivotYRe[$k], $this->pivotYIm[$k], $this->residualRe[$k], $this->residualIm[$k]];
        [$u, $v] = [$this->answerRe[$k], $this->answerIm[$k]];
        $this->answerRe[$k] = $this->answerIm[$k] = [];
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + $start, $end = $j * $s + $nx; $q <= $end; $q += 2) {
                $below = $q - $s;
                $a = $across[$q - 1];
                $b = $across[$q];
                $c = $up[$below];
                $re = $rRe[$q] + $a * $u[$q - 1] + $b * $u[$q + 1] + $c * $u[$below];
                $im = $rIm[$q] + $a * $v[$q - 1] + $b * $v[$q + 1] + $c * $v[$below];
                $m = $pRe[$q];
                $n = $pIm[$q];
                $u[$q] = $re * $m - $im * $n;
                $v[$q] = $re * $n + $im * $m;
            }
        }
        for ($j = $ny - 1; $j >= 1; $j--) {
            for ($q = $j * $s + $start, $end = $j * $s + $nx; $q <= $end; $q += 2) {
                $g = $up[$q];
                $re = $g * $u[$q + $s];
                $im = $g * $v[$q + $s];
                $m = $pRe[$q];
                $n = $pIm[$q];
                $u[$q] += $re * $m - $im * $n;
                $v[$q] += $re * $n + $im * $m;
            }
        }
        $this->answerRe[$k] = $u;
        $this->answerIm[$k] = $v;
    }

    private function restrict(int $k): void
    {
        $level = $this->levels[$k];
        [$nx, $ny, $s, $across, $up, $d] = [$level->nx, $level->ny, $level->stride, $level->across, $level->up, $level->diagonal];
        [$u, $v, $rRe, $rIm] = [$this->answerRe[$k], $this->answerIm[$k], $this->residualRe[$k], $this->residualIm[$k]];
        [$storage, $weightX, $weightY] = [$this->storage[$k], $level->weightX, $level->weightY];
        $coarse = $this->levels[$k + 1];
        $sumRe = $sumIm = array_fill(0, $coarse->size, 0.0);
        $step = $level->joinsColumns ? 1 : 2;
        for ($j = 1; $j <= $ny; $j++) {
            $to = ($level->joinsRows ? ($j + 1) >> 1 : $j) * $coarse->stride + 1;
            $beside = $to + (($j & 1) === 1 ? -$coarse->stride : $coarse->stride);
            for ($q = $j * $s + 1, $end = $j * $s + $nx; $q <= $end; $q += 2) {
                $below = $q - $s;
                $above = $q + $s;
                $a = $across[$q - 1];
                $b = $across[$q];
                $c = $up[$below];
                $e = $up[$q];
                $x = $u[$q];
                $y = $v[$q];
                $m = $d[$q];
                $n = $storage[$q];
                $re = $rRe[$q] - $m * $x + $n * $y + $a * $u[$q - 1] + $b * $u[$q + 1] + $c * $u[$below] + $e * $u[$above];
                $im = $rIm[$q] - $m * $y - $n * $x + $a * $v[$q - 1] + $b * $v[$q + 1] + $c * $v[$below] + $e * $v[$above];
                $m = $weightX[$q];
                $n = $weightY[$q];
                $own = 1.0 - $m - $n;
                $sumRe[$to] += $re * $own;
                $sumIm[$to] += $im * $own;
                $sumRe[$to - 1] += $re * $m;
                $sumIm[$to - 1] += $im * $m;
                $sumRe[$beside] += $re * $n;
                $sumIm[$beside] += $im * $n;
                $to += $step;
                $beside += $step;
            }
        }
        $this->residualRe[$k + 1] = $sumRe;
        $this->residualIm[$k + 1] = $sumIm;
        $this->answerRe[$k + 1] = $this->answerIm[$k + 1] = array_fill(0, $coarse->size, 0.0);
    }

    private function correct(int $k): void
    {
        $level = $this->levels[$k];
        [$nx, $ny, $s, $weightX, $weightY] = [$level->nx, $level->ny, $level->stride, $level->weightX, $level->weightY];
        $coarse = $this->levels[$k + 1];
        [$fRe, $fIm, $u, $v] = [$this->answerRe[$k + 1], $this->answerIm[$k + 1], $this->answerRe[$k], $this->answerIm[$k]];
        $this->answerRe[$k] = $this->answerIm[$k] = [];
        $step = $level->joinsColumns ? 1 : 2;
        for ($j = 1; $j <= $ny; $j++) {
            $from = ($level->joinsRows ? ($j + 1) >> 1 : $j) * $coarse->stride + 1;
            $beside = $from + (($j & 1) === 1 ? -$coarse->stride : $coarse->stride);
            for ($q = $j * $s + 1, $end = $j * $s + $nx; $q <= $end; $q += 2) {
                $m = $weightX[$q];
                $n = $weightY[$q];
                $x = $fRe[$from];
                $y = $fIm[$from];
                $u[$q] += $x + $m * ($fRe[$from - 1] - $x) + $n * ($fRe[$beside] - $x);
                $v[$q] += $y + $m * ($fIm[$from - 1] - $y) + $n * ($fIm[$beside] - $y);
                $from += $step;
                $beside += $step;
            }
        }
        $this->answerRe[$k] = $u;
        $this->answerIm[$k] = $v;
    }
}
