<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/**
 * One symmetric V-cycle of multigrid, the preconditioner of SteadySolver (Trottenberg, Oosterlee and Schüller,
 * Multigrid, 2001, chapters 2 and 5; from memory). Smoothing is exact along whole rows and whole columns, every other
 * one at a time, which graded cells of any slenderness need; on the way up the same steps are taken in reverse.
 *
 * The last step down leaves no residual in even columns, and the first step up reads nothing there: restriction and
 * correction therefore visit odd columns only.
 */
final class SteadyMultigrid
{
    /** Smoothing steps on the coarsest level of at most 2 × 2 cells, each way. */
    private const COARSEST_STEPS = 4;

    /** @var non-empty-list<Level> */
    private readonly array $levels;

    /** @var list<array<int, float>> by level: 1 ÷ pivot of the elimination along rows */
    private array $pivotX = [];

    /** @var list<array<int, float>> by level: conductance to the right × pivot */
    private array $ratioX = [];

    /** @var list<array<int, float>> the same along columns */
    private array $pivotY = [];

    /** @var list<array<int, float>> */
    private array $ratioY = [];

    /** @var list<array<int, float>> by level: the residual to be answered */
    private array $residual = [];

    /** @var list<array<int, float>> by level: the answer */
    private array $answer = [];

    public function __construct(Hierarchy $hierarchy)
    {
        $this->levels = $hierarchy->levels;
        foreach ($this->levels as $level) {
            $this->factor($level);
            $this->residual[] = [];
            $this->answer[] = array_fill(0, $level->size, 0.0);
        }
    }

    private function factor(Level $level): void
    {
        [$nx, $ny, $s, $across, $up, $d] = [$level->nx, $level->ny, $level->stride, $level->across, $level->up, $level->diagonal];
        $pivotX = $ratioX = $pivotY = $ratioY = array_fill(0, $level->size, 0.0);
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $nx, $p = $q - $s; $q < $end; $q++, $p++) {
                $m = 1.0 / ($d[$q] - $across[$q - 1] * $ratioX[$q - 1]);
                $pivotX[$q] = $m;
                $ratioX[$q] = $across[$q] * $m;
                $m = 1.0 / ($d[$q] - $up[$p] * $ratioY[$p]);
                $pivotY[$q] = $m;
                $ratioY[$q] = $up[$q] * $m;
            }
        }
        $this->pivotX[] = $pivotX;
        $this->ratioX[] = $ratioX;
        $this->pivotY[] = $pivotY;
        $this->ratioY[] = $ratioY;
    }

    /**
     * @param  array<int, float>  $residual  by cell of the finest level
     * @return array<int, float> about what the matrix would have to be multiplied with to give it
     */
    public function answer(array $residual): array
    {
        $this->residual[0] = $residual;
        $this->cycle(0);
        $this->residual[0] = [];

        return $this->answer[0];
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

    /** Solves every other row exactly, from $start; with $fromNothing the rows beside count as zero. */
    private function rows(int $k, int $start, bool $fromNothing = false): void
    {
        $level = $this->levels[$k];
        [$nx, $ny, $s, $across, $up] = [$level->nx, $level->ny, $level->stride, $level->across, $level->up];
        [$pivot, $ratio, $r] = [$this->pivotX[$k], $this->ratioX[$k], $this->residual[$k]];
        // Taken out of the property while it is written, so that PHP does not copy it.
        $u = $this->answer[$k];
        $this->answer[$k] = [];
        for ($j = $start; $j <= $ny; $j += 2) {
            $begin = $j * $s + 1;
            $end = $begin + $nx;
            $value = $left = 0.0;
            if ($fromNothing) {
                for ($q = $begin; $q < $end; $q++) {
                    $value = ($r[$q] + $left * $value) * $pivot[$q];
                    $u[$q] = $value;
                    $left = $across[$q];
                }
            } else {
                for ($q = $begin, $below = $q - $s, $above = $q + $s; $q < $end; $q++, $below++, $above++) {
                    $value = ($r[$q] + $up[$below] * $u[$below] + $up[$q] * $u[$above] + $left * $value) * $pivot[$q];
                    $u[$q] = $value;
                    $left = $across[$q];
                }
            }
            for ($q = $end - 2; $q >= $begin; $q--) {
                $value = $u[$q] + $ratio[$q] * $value;
                $u[$q] = $value;
            }
        }
        $this->answer[$k] = $u;
    }

    /** Solves every other column exactly, from $start: all of them side by side, row after row. */
    private function columns(int $k, int $start): void
    {
        $level = $this->levels[$k];
        [$nx, $ny, $s, $across, $up] = [$level->nx, $level->ny, $level->stride, $level->across, $level->up];
        [$pivot, $ratio, $r] = [$this->pivotY[$k], $this->ratioY[$k], $this->residual[$k]];
        $u = $this->answer[$k];
        $this->answer[$k] = [];
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + $start, $end = $j * $s + $nx; $q <= $end; $q += 2) {
                $below = $q - $s;
                $u[$q] = ($r[$q] + $across[$q - 1] * $u[$q - 1] + $across[$q] * $u[$q + 1] + $up[$below] * $u[$below]) * $pivot[$q];
            }
        }
        for ($j = $ny - 1; $j >= 1; $j--) {
            for ($q = $j * $s + $start, $end = $j * $s + $nx; $q <= $end; $q += 2) {
                $u[$q] += $ratio[$q] * $u[$q + $s];
            }
        }
        $this->answer[$k] = $u;
    }

    /** Hands what is left of the residual to the coarser level. */
    private function restrict(int $k): void
    {
        $level = $this->levels[$k];
        [$nx, $ny, $s, $across, $up, $d] = [$level->nx, $level->ny, $level->stride, $level->across, $level->up, $level->diagonal];
        [$r, $u, $weightX, $weightY] = [$this->residual[$k], $this->answer[$k], $level->weightX, $level->weightY];
        $coarse = $this->levels[$k + 1];
        $sum = array_fill(0, $coarse->size, 0.0);
        $step = $level->joinsColumns ? 1 : 2;
        for ($j = 1; $j <= $ny; $j++) {
            $to = ($level->joinsRows ? ($j + 1) >> 1 : $j) * $coarse->stride + 1;
            $beside = $to + (($j & 1) === 1 ? -$coarse->stride : $coarse->stride);
            for ($q = $j * $s + 1, $end = $j * $s + $nx; $q <= $end; $q += 2) {
                $below = $q - $s;
                $left = $r[$q]
                    - $d[$q] * $u[$q]
                    + $across[$q - 1] * $u[$q - 1]
                    + $across[$q] * $u[$q + 1]
                    + $up[$below] * $u[$below]
                    + $up[$q] * $u[$q + $s];
                $x = $left * $weightX[$q];
                $y = $left * $weightY[$q];
                $sum[$to] += $left - $x - $y;
                $sum[$to - 1] += $x;
                $sum[$beside] += $y;
                $to += $step;
                $beside += $step;
            }
        }
        $this->residual[$k + 1] = $sum;
        $this->answer[$k + 1] = array_fill(0, $coarse->size, 0.0);
    }

    /** Adds the coarser level's answer, interpolated between its centres; even columns are solved anew right after. */
    private function correct(int $k): void
    {
        $level = $this->levels[$k];
        [$nx, $ny, $s, $weightX, $weightY] = [$level->nx, $level->ny, $level->stride, $level->weightX, $level->weightY];
        $coarse = $this->levels[$k + 1];
        $v = $this->answer[$k + 1];
        $u = $this->answer[$k];
        $this->answer[$k] = [];
        $step = $level->joinsColumns ? 1 : 2;
        for ($j = 1; $j <= $ny; $j++) {
            $from = ($level->joinsRows ? ($j + 1) >> 1 : $j) * $coarse->stride + 1;
            $beside = $from + (($j & 1) === 1 ? -$coarse->stride : $coarse->stride);
            for ($q = $j * $s + 1, $end = $j * $s + $nx; $q <= $end; $q += 2) {
                $own = $v[$from];
                $u[$q] += $own + $weightX[$q] * ($v[$from - 1] - $own) + $weightY[$q] * ($v[$beside] - $own);
                $from += $step;
                $beside += $step;
            }
        }
        $this->answer[$k] = $u;
    }
}
