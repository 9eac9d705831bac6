<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Examples\Examples;
use Ondergrond\Field\HarmonicSolver;
use Ondergrond\Field\Hierarchy;
use Ondergrond\Field\Mesh;
use Ondergrond\Field\Network;
use Ondergrond\Field\SteadySolver;
use Ondergrond\Ground\SectionProblem;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * The field engine on one section at four meshes, beside direct solvers of others on the same matrices where they are: scipy's, and
 * Eigen's sparse Cholesky by the compiler at hand. A time is set-up and solve together, from the assembled conductances, to a
 * residual of 1e-7; medians.
 */
final readonly class FieldBench
{
    private const TOLERANCE = 1e-7;

    /** Halvings of the first mesh, and runs of each. */
    private const RUNS = [0 => 15, 1 => 9, 2 => 5, 3 => 5];

    /** Of the others. */
    private const THEIR_RUNS = 3;

    private const EIGEN = '/usr/include/eigen3';

    /** The mesh at which the harmonic solver is held against the steady one. */
    private const HARMONIC_AT = 1;

    /**
     * @param  list<array{unknowns: int, seconds: float, scipy_seconds: float|null, eigen_seconds: float|null}>  $steady
     */
    private function __construct(
        public array $steady,
        public float $growthExponent,
        public float $harmonicOverSteady,
        public float $peakMb,
    ) {}

    public static function run(): self
    {
        memory_reset_peak_usage();
        $project = Examples::boathouse();
        $mesh = Mesh::of(SectionProblem::of($project->site, $project->options[0]->design, $project->site->soil->conductivity()));
        $steady = [];
        $ratio = 0.0;
        foreach (self::RUNS as $halvings => $runs) {
            $mesh = $halvings === 0 ? $mesh : $mesh->halved();
            $network = Network::of($mesh);
            $solve = static fn (): array => (new SteadySolver(Hierarchy::of($network)))->solve(self::TOLERANCE);
            $seconds = self::median($solve, $runs);
            $steady[] = ['unknowns' => $mesh->cells(), 'seconds' => $seconds, ...self::others($network, $solve())];
            $swing = static fn (): array => (new HarmonicSolver(Hierarchy::of($network)))->solve(self::TOLERANCE);
            if ($halvings === self::HARMONIC_AT) {
                $ratio = self::medianRatio($swing, $solve, $runs);
            } elseif ($halvings === array_key_last(self::RUNS)) {
                // For its memory.
                $swing();
            }
        }

        return new self($steady, self::exponent($steady), $ratio, memory_get_peak_usage(true) / 1e6);
    }

    /** @param  callable(): mixed  $do */
    private static function median(callable $do, int $runs): float
    {
        $do();

        return self::middle(array_map(static fn (): float => self::seconds($do), range(1, $runs)));
    }

    /**
     * By turns, so that what else the machine does falls on both.
     *
     * @param  callable(): mixed  $one
     * @param  callable(): mixed  $other
     */
    private static function medianRatio(callable $one, callable $other, int $runs): float
    {
        $one();

        return self::middle(array_map(static fn (): float => self::seconds($one) / self::seconds($other), range(1, $runs)));
    }

    /** @param  callable(): mixed  $do */
    private static function seconds(callable $do): float
    {
        $start = hrtime(true);
        $do();

        return (hrtime(true) - $start) / 1e9;
    }

    /** @param  non-empty-list<float>  $values */
    private static function middle(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }

    /**
     * @param  array<int, float>  $ours  by cell, °C
     * @return array{scipy_seconds: float|null, eigen_seconds: float|null} null where it is not there
     */
    private static function others(Network $network, array $ours): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'matrix');
        self::writeMatrix($network, $file);
        $theirs = [];
        foreach (['scipy_seconds' => self::scipy(), 'eigen_seconds' => self::eigen()] as $key => $command) {
            if ($command === null) {
                $theirs[$key] = null;

                continue;
            }
            $process = new Process([...$command, $file, (string) self::THEIR_RUNS], timeout: 600);
            [$theirs[$key], $sum] = array_map(floatval(...), explode(' ', $process->mustRun()->getOutput()));
            if (abs($sum - array_sum($ours)) > 1e-4 * max(1.0, abs($sum))) {
                throw new RuntimeException("{$key}: the two solvers disagree: ".array_sum($ours)." and {$sum}");
            }
        }
        unlink($file);

        return $theirs;
    }

    /** @return list<string>|null */
    private static function scipy(): ?array
    {
        return is_executable('/usr/bin/python3') && (new Process(['/usr/bin/python3', '-c', 'import scipy']))->run() === 0
            ? ['/usr/bin/python3', __DIR__.'/spsolve.py']
            : null;
    }

    /** @return list<string>|null */
    private static function eigen(): ?array
    {
        static $command = false;
        if ($command === false) {
            $program = sys_get_temp_dir().'/ldlt-'.getmypid();
            $made = is_dir(self::EIGEN) && (new Process(
                ['g++', '-O3', '-I'.self::EIGEN, '-o', $program, __DIR__.'/ldlt.cpp'],
                timeout: 300,
            ))->run() === 0;
            $command = $made ? [$program] : null;
            register_shutdown_function(static fn () => is_file($program) && unlink($program));
        }

        return $command;
    }

    private static function writeMatrix(Network $network, string $file): void
    {
        $level = Hierarchy::of($network)->finest();
        $load = $network->steadyLoad();
        $number = $loads = $rows = $columns = $values = [];
        foreach ($network->mesh->conductivity as $q => $lambda) {
            if ($lambda > 0.0) {
                $number[$q] = count($number);
                $loads[] = $load[$q];
            }
        }
        foreach ($number as $q => $row) {
            array_push($rows, $row);
            array_push($columns, $row);
            array_push($values, $level->diagonal[$q]);
            foreach ([[$q + 1, $level->across[$q]], [$q + $level->stride, $level->up[$q]]] as [$other, $conductance]) {
                if ($conductance > 0.0) {
                    array_push($rows, $row, $number[$other]);
                    array_push($columns, $number[$other], $row);
                    array_push($values, -$conductance, -$conductance);
                }
            }
        }
        $handle = fopen($file, 'wb');
        if ($handle === false) {
            throw new RuntimeException('no temporary file can be made');
        }
        fwrite($handle, pack('q2', count($loads), count($rows)));
        foreach ([['q', $rows], ['q', $columns], ['d', $values], ['d', $loads]] as [$as, $numbers]) {
            foreach (array_chunk($numbers, 10_000) as $chunk) {
                fwrite($handle, pack("{$as}*", ...$chunk));
            }
        }
        fclose($handle);
    }

    /**
     * The slope of log time over log unknowns, least squares.
     *
     * @param  list<array{unknowns: int, seconds: float, scipy_seconds: float|null, eigen_seconds: float|null}>  $rows
     */
    private static function exponent(array $rows): float
    {
        $x = array_map(static fn (array $r): float => log($r['unknowns']), $rows);
        $y = array_map(static fn (array $r): float => log($r['seconds']), $rows);
        [$mx, $my] = [array_sum($x) / count($x), array_sum($y) / count($y)];
        $over = $under = 0.0;
        foreach ($x as $i => $v) {
            $over += ($v - $mx) * ($y[$i] - $my);
            $under += ($v - $mx) ** 2;
        }

        return $over / $under;
    }
}
