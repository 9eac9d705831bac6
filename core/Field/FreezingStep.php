<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/**
 * One implicit step as a system of equations with kinks, and the ways to its answer. For each cell H(T)/Δt + ΣG·T − ΣG·T_n =
 * H₀/Δt + load, with H = C_f·T below 0 °C, H = L + C_u·T above, and anything between 0 and L at 0 °C.
 */
final class FreezingStep
{
    public const FROZEN = 0;

    public const AT_ZERO = 1;

    public const THAWED = 2;

    /** K, and a share of L: nearer to a kink than this is on it. */
    private const NOTHING = 1e-9;

    private FreezingTies $ties;

    /** @var array<int, float> heat into each cell from beyond, for a cell at 0 °C, W per metre */
    private array $load;

    /** @var array<int, float> what each cell gives to its neighbours and beyond, W/K per metre */
    private array $gives;

    /** @var array<int, float> by cell at 0 °C: what it holds, J per metre */
    public array $held = [];

    /**
     * @param  array<int, float>  $store  enthalpy before the step, J per metre
     * @param  array<int, float>  $outside  temperature, or flux, beyond each boundary
     * @param  array<int, float>  $liquid  ice by which the cells conduct
     * @param  array<int, int>  $phase  by cell
     * @param  array<int, float>  $t  a guess, °C
     */
    public function __construct(
        private readonly FreezingCells $cells,
        private readonly array $store,
        private readonly array $outside,
        array $liquid,
        private readonly float $seconds,
        public array $phase,
        public array $t,
    ) {
        $this->conducting($liquid);
    }

    /**
     * Goes on with that much ice.
     *
     * @param  array<int, float>  $liquid
     */
    public function conducting(array $liquid): void
    {
        $this->ties = $this->cells->ties($liquid);
        $this->load = $this->ties->load($this->outside);
        [$nx, $ny, $s, $across, $up, $beyond] = [
            $this->cells->nx, $this->cells->ny, $this->cells->stride, $this->ties->across, $this->ties->up, $this->ties->beyond,
        ];
        $gives = array_fill(0, count($across), 1.0);
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $nx; $q < $end; $q++) {
                // A cell that holds nothing stands alone in the system.
                $all = $beyond[$q] + $across[$q - 1] + $across[$q] + $up[$q - $s] + $up[$q];
                $gives[$q] = $all > 0.0 ? $all : 1.0;
            }
        }
        $this->gives = $gives;
    }

    /**
     * Solves the step for the phases as they are: cells at 0 °C stand alone in it.
     *
     * @param  float  $goal  norm of the residual, W/m
     * @return array{array<int, float>, array<int, float>, int} what the solver began with, right side, and its steps
     */
    public function solve(float $goal): array
    {
        [$c, $s, $across, $up, $diagonal, $right] = [
            $this->cells, $this->cells->stride, $this->ties->across, $this->ties->up, $this->gives, $this->load,
        ];
        for ($j = 1; $j <= $c->ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $c->nx; $q < $end; $q++) {
                $state = $this->phase[$q];
                if ($state === self::THAWED) {
                    $diagonal[$q] += $c->thawed[$q] / $this->seconds;
                    $right[$q] += ($this->store[$q] - $c->latent[$q]) / $this->seconds;
                } elseif ($state === self::FROZEN) {
                    $diagonal[$q] += $c->frozen[$q] / $this->seconds;
                    $right[$q] += $this->store[$q] / $this->seconds;
                }
            }
        }
        foreach ($c->water as $q) {
            if ($this->phase[$q] === self::AT_ZERO) {
                $across[$q - 1] = $across[$q] = $up[$q - $s] = $up[$q] = $right[$q] = $this->t[$q] = 0.0;
                $diagonal[$q] = 1.0;
            }
        }
        $solver = new IncompleteCholesky($c->nx, $c->ny, $across, $up, $diagonal);
        $from = $this->t;
        $this->t = $solver->solve($right, $from, $goal);

        return [$from, $right, $solver->steps];
    }

    /** Moves each cell to the piece of the line that its answer lies on; says whether any moved. */
    public function moved(): bool
    {
        [$c, $s, $t, $across, $up] = [$this->cells, $this->cells->stride, $this->t, $this->ties->across, $this->ties->up];
        $moved = false;
        $this->held = [];
        foreach ($c->water as $q) {
            $latent = $c->latent[$q];
            $now = $this->phase[$q];
            if ($now === self::AT_ZERO) {
                $holds = $this->store[$q] + $this->seconds * (
                    $this->load[$q]
                    + $across[$q - 1] * $t[$q - 1]
                    + $across[$q] * $t[$q + 1]
                    + $up[$q - $s] * $t[$q - $s]
                    + $up[$q] * $t[$q + $s]
                );
                $this->held[$q] = $holds;
                $next = match (true) {
                    $holds < -self::NOTHING * $latent => self::FROZEN,
                    $holds > (1.0 + self::NOTHING) * $latent => self::THAWED,
                    default => self::AT_ZERO,
                };
            } elseif ($now === self::FROZEN) {
                $next = match (true) {
                    $t[$q] <= self::NOTHING => self::FROZEN,
                    $latent < $c->frozen[$q] * $t[$q] => self::THAWED,
                    default => self::AT_ZERO,
                };
            } else {
                $next = match (true) {
                    $t[$q] >= -self::NOTHING => self::THAWED,
                    $latent + $c->thawed[$q] * $t[$q] < 0.0 => self::FROZEN,
                    default => self::AT_ZERO,
                };
            }
            if ($next !== $now) {
                $this->phase[$q] = $next;
                $moved = true;
            }
        }

        return $moved;
    }

    /**
     * The way that Newton's method wants to go, cut off at the kinks and then as long as makes the energy least: with the sweeps
     * of `relax` before it, this never goes round in circles (truncated nonsmooth Newton, Gräser and Kornhuber 2009, from memory).
     *
     * @param  array<int, int>  $phase  that was solved for
     * @param  array<int, float>  $from  what the solver began with
     * @param  array<int, float>  $right  its right side
     * @return array<int, float> °C
     */
    public function cutOff(array $phase, array $from, array $right): array
    {
        [$c, $s, $across, $up] = [$this->cells, $this->cells->stride, $this->ties->across, $this->ties->up];
        $way = [];
        foreach ($this->t as $q => $value) {
            $way[] = $value - $from[$q];
        }
        $cut = false;
        foreach ($c->water as $q) {
            if (($phase[$q] === self::FROZEN && $this->t[$q] > 0.0) || ($phase[$q] === self::THAWED && $this->t[$q] < 0.0)) {
                $way[$q] = -$from[$q];
                $cut = true;
            }
        }
        if (! $cut) {
            return $this->t;
        }
        $slope = $bend = 0.0;
        for ($j = 1; $j <= $c->ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $c->nx; $q < $end; $q++) {
                if ($way[$q] !== 0.0) {
                    $d = $this->gives[$q] + ($phase[$q] === self::FROZEN ? $c->frozen[$q] : $c->thawed[$q]) / $this->seconds;
                    $bend += $way[$q] * (
                        $d * $way[$q]
                        - $across[$q - 1] * $way[$q - 1]
                        - $across[$q] * $way[$q + 1]
                        - $up[$q - $s] * $way[$q - $s]
                        - $up[$q] * $way[$q + $s]
                    );
                    $slope += $way[$q] * (
                        $right[$q]
                        - $d * $from[$q]
                        + $across[$q - 1] * $from[$q - 1]
                        + $across[$q] * $from[$q + 1]
                        + $up[$q - $s] * $from[$q - $s]
                        + $up[$q] * $from[$q + $s]
                    );
                }
            }
        }
        $far = $bend > 0.0 ? max(0.0, min(1.0, $slope / $bend)) : 1.0;
        foreach ($way as $q => $value) {
            $from[$q] += $far * $value;
        }

        return $from;
    }

    /**
     * Solves each cell that holds water for itself, there and back: nonlinear Gauss–Seidel, which finds its phase anew.
     *
     * @param  array<int, float>  $t  °C
     */
    public function relax(array $t): void
    {
        [$c, $s, $across, $up] = [$this->cells, $this->cells->stride, $this->ties->across, $this->ties->up];
        foreach ([$c->water, array_reverse($c->water)] as $cells) {
            foreach ($cells as $q) {
                $latent = $c->latent[$q] / $this->seconds;
                $right = $this->store[$q] / $this
                    ->seconds + $this
                    ->load[$q]
                        + $across[$q - 1] * $t[$q - 1]
                        + $across[$q] * $t[$q + 1]
                        + $up[$q - $s] * $t[$q - $s]
                        + $up[$q] * $t[$q + $s];
                [$this->phase[$q], $t[$q]] = match (true) {
                    $right < 0.0 => [self::FROZEN, $right / ($this->gives[$q] + $c->frozen[$q] / $this->seconds)],
                    $right > $latent => [self::THAWED, ($right - $latent) / ($this->gives[$q] + $c->thawed[$q] / $this->seconds)],
                    default => [self::AT_ZERO, 0.0],
                };
            }
        }
        $this->t = $t;
    }

    /**
     * @param  array<int, float>  $before  as it was
     * @return array<int, float> by cell: share of its water that is not ice; without water 1 above 0 °C, 0 below
     */
    public function liquid(array $before): array
    {
        foreach ($this->phase as $q => $state) {
            $before[$q] = $state === self::AT_ZERO ? max(
                0.0,
                min(1.0, ($this->held[$q] ?? 0.0) / $this->cells->latent[$q]),
            ) : ($this->t[$q] < 0.0 ? 0.0 : 1.0);
        }

        return $before;
    }

    /** @return array<int, float> enthalpy after the step, J per metre */
    public function store(): array
    {
        $c = $this->cells;
        $store = [];
        foreach ($this->phase as $q => $state) {
            $store[] = match ($state) {
                self::THAWED => $c->latent[$q] + $c->thawed[$q] * $this->t[$q],
                self::FROZEN => $c->frozen[$q] * $this->t[$q],
                default => $this->held[$q],
            };
        }

        return $store;
    }

    /** @return array<int, float> heat that each cell is left with, W per metre */
    public function net(): array
    {
        return $this->ties->net($this->t, $this->load);
    }

    /** @return array<string, float> W per metre, by boundary name */
    public function flows(): array
    {
        return $this->ties->flows($this->t, $this->outside);
    }
}
