<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/**
 * A section whose water freezes and thaws, step by step. Enthalpy method, implicit in time (Voller and Cross 1981, from
 * memory). Which cells are frozen, freezing and thawed is found by Newton's method on a line with kinks: those that freeze
 * are held at 0 °C and take up what heat is left. A step is first taken with the conductances of the ice before it, then with
 * those of the ice it led to. Where it does not settle, it is halved.
 */
final class Freezing
{
    /** Norm of the residual ÷ the most heat, Σ|flow|, that a step moved lately: to find the phases, and to end with. */
    private const LOOSE = 1e-3;

    private const TIGHT = 2e-7;

    /** How fast earlier steps are forgotten in that. */
    private const FADING = 0.5;

    private const MOST_ROUNDS = 40;

    /** Rounds of Newton's method as it comes before it is cut off at kinks. */
    private const FREE = 3;

    /** And one in so many later on: steps that are cut off can come to stand where a free one goes through. */
    private const TURN = 6;

    private const MOST_HALVINGS = 6;

    private const DAY = 86_400.0;

    /** Days gone by. */
    public float $elapsed = 0.0;

    /** Rounds of Newton's method, steps of the solver and halved steps so far. */
    public int $rounds = 0;

    public int $steps = 0;

    public int $halved = 0;

    /** Largest norm of what a step left unbalanced ÷ the most heat that a step moved. */
    public float $residual = 0.0;

    /** @var array<string, float> heat in through each boundary so far, J per metre of depth, by name */
    public array $heat;

    /** Sum of |heat through each boundary|, and all heat in, J per metre. */
    private float $moved = 0.0;

    private float $into = 0.0;

    /** @var array<int, float> by cell, °C */
    private array $t;

    /** @var array<int, float> by cell, K a day of the step before */
    private array $trend;

    /** @var array<int, float> by cell */
    private array $liquid = [];

    /** @var array<int, int> by cell, as in FreezingStep */
    private array $phase = [];

    /** @var array<int, float> enthalpy, J per metre of depth */
    private array $store = [];

    private float $scale = 0.0;

    private readonly float $begun;

    /** @param  array<int, float>  $start  °C by cell */
    public function __construct(
        private readonly FreezingCells $cells,
        array $start,
    ) {
        $this->t = $start;
        $this->trend = array_fill(0, count($start), 0.0);
        $this->heat = array_fill_keys($cells->network->mesh->problem->names(), 0.0);
        foreach ($start as $q => $t) {
            $this->phase[] = $t < 0.0 ? FreezingStep::FROZEN : FreezingStep::THAWED;
            $this->liquid[] = $t < 0.0 ? 0.0 : 1.0;
            $this->store[] = $t < 0.0 ? $cells->frozen[$q] * $t : $cells->latent[$q] + $cells->thawed[$q] * $t;
        }
        $this->begun = array_sum($this->store);
    }

    /**
     * @param  array<string, float>  $beyond  °C by boundary name
     * @param  float  $days  length of the step
     */
    public function step(array $beyond, float $days = 1.0): void
    {
        $this->halvedWhereItStalls($this->cells->outside($beyond), $days, 0);
        $this->elapsed += $days;
    }

    /** @param  array<int, float>  $outside  temperature, or flux, beyond each boundary */
    private function halvedWhereItStalls(array $outside, float $days, int $depth): void
    {
        if ($this->settled($outside, $days)) {
            return;
        }
        if ($depth >= self::MOST_HALVINGS) {
            throw new Unsolved('the front of frost did not settle within a step');
        }
        $this->halved++;
        $this->halvedWhereItStalls($outside, $days / 2, $depth + 1);
        $this->halvedWhereItStalls($outside, $days / 2, $depth + 1);
    }

    /** @param  array<int, float>  $outside */
    private function settled(array $outside, float $days): bool
    {
        // The days go on as they went: a guess for the solver, no more.
        $guess = [];
        foreach ($this->t as $q => $now) {
            $guess[] = $now + $days * $this->trend[$q];
        }
        $step = new FreezingStep($this->cells, $this->store, $outside, $this->liquid, $days * self::DAY, $this->phase, $guess);
        $this->scale = max(self::FADING * $this->scale, array_sum(array_map(abs(...), $step->flows())) + abs($this->cells->sources));
        for ($round = $again = 0; $round < self::MOST_ROUNDS; $round++) {
            $phase = $step->phase;
            [$from, $right, $steps] = $step->solve($this->scale * ($again > 0 ? self::TIGHT : self::LOOSE));
            $this->steps += $steps;
            $this->rounds++;
            $free = $round < self::FREE || $round % self::TURN === 0;
            $cut = $free ? $step->t : $step->cutOff($phase, $from, $right);
            if ($step->moved()) {
                if (! $free || $round === self::FREE - 1) {
                    $step->relax($cut);
                }
            } elseif ($again++ === 0) {
                $step->conducting($step->liquid($this->liquid));
            } else {
                $this->accept($step, $days);

                return true;
            }
        }

        return false;
    }

    private function accept(FreezingStep $step, float $days): void
    {
        $seconds = $days * self::DAY;
        $store = $step->store();
        $left = 0.0;
        foreach ($step->net() as $q => $net) {
            $open = $net - ($store[$q] - $this->store[$q]) / $seconds;
            $left += $open * $open;
        }
        foreach ($step->t as $q => $now) {
            $this->trend[$q] = ($now - $this->t[$q]) / $days;
        }
        $this->liquid = $step->liquid($this->liquid);
        [$this->t, $this->phase, $this->store] = [$step->t, $step->phase, $store];
        if ($this->scale > 0.0) {
            $this->residual = max($this->residual, sqrt($left) / $this->scale);
        }
        foreach ($step->flows() as $name => $watts) {
            $this->heat[$name] += $watts * $seconds;
            $this->into += $watts * $seconds;
            $this->moved += abs($watts) * $seconds;
        }
        $this->into += $this->cells->sources * $seconds;
        $this->moved += abs($this->cells->sources) * $seconds;
    }

    /**
     * What air beyond these boundaries feels of the section: the conductance to the cells behind them, and that times their
     * temperatures.
     *
     * @param  list<string>  $names
     * @return array{float, float} W/K per metre; W per metre
     */
    public function felt(array $names): array
    {
        $network = $this->cells->network;
        $conductance = $heat = 0.0;
        foreach ($network->faceCell as $f => $q) {
            if (in_array($network->mesh->problem->boundaries[$network->faceBoundary[$f]]->name, $names, true)) {
                $conductance += $network->faceConductance[$f];
                $heat += $network->faceConductance[$f] * $this->t[$q];
            }
        }

        return [$conductance, $heat];
    }

    /** |heat in − what is stored more than at the beginning| ÷ Σ|heat| moved. */
    public function closure(): float
    {
        return $this->moved > 0.0 ? abs($this->into - (array_sum($this->store) - $this->begun)) / $this->moved : 0.0;
    }

    /** @return array<int, float> by cell, numbered as in Mesh, °C */
    public function temperatures(): array
    {
        return $this->t;
    }

    /** @return array<int, float> by cell: share of its water that is not ice; in cells without water 1 above 0 °C, 0 below */
    public function liquid(): array
    {
        return $this->liquid;
    }

    /** Nothing below 0 °C and no ice. */
    public function isThawed(): bool
    {
        return $this->liquid === [] || min($this->liquid) >= 1.0;
    }
}
