<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Field\Boundary;
use Ondergrond\Field\Fine;
use Ondergrond\Field\FreezingSolution;
use Ondergrond\Field\Frozen;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Probe;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Substance;
use Ondergrond\Field\Winter;
use Ondergrond\Frost\FrostDepth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/**
 * Freezing ground against Neumann's two-phase solution (Carslaw and Jaeger, Conduction of heat in solids, 2nd ed., 11.2; from
 * memory), whose figures for the first case were computed independently, and against what every freezing must obey.
 */
final class FreezingTest extends TestCase
{
    /** Ground at +8 °C whose surface goes to −6 °C. */
    private static function column(int $days, float $size, float $width = 1.0): Problem
    {
        $soil = new Substance('soil', 1.5, 3.0e6, new Frozen(2.5, 1.9e6, 150e6));

        return Problem::of(
            [Patch::rectangle($soil, 0, -12, $width, 0)],
            [Boundary::temperature('top', 0, 0, $width, 0, 8.0, 0.0)],
            probes: [new Probe('half a metre', 0.5 * $width, -0.5), new Probe('two metres', 0.5 * $width, -2.0)],
            fine: [new Fine(0, -1.4, $width, 0, $width / 2, $size)],
            winter: new Winter(['top' => array_fill(0, $days, -6.0)], 8.0, ['middle' => 0.5 * $width]),
        );
    }

    public function test_the_front_follows_neumann(): void
    {
        $run = FreezingSolution::of(self::column(200, 0.02));
        $front = $run->fronts['middle'];
        // Independent computation: 0.5918 m after 30 days, 1.080 m after 100.
        self::assertEqualsWithDelta(0.5918, $front[29], 0.010);
        self::assertEqualsWithDelta(1.080, $front[99], 0.010);
        for ($day = 30; $day <= 200; $day++) {
            self::assertEqualsWithDelta(0.5918 * sqrt($day / 30), $front[$day - 1], 0.010, "day {$day}");
        }
        self::assertEqualsWithDelta(-3.205, $run->probes['half a metre'][99], 0.05);
        self::assertEqualsWithDelta(2.434, $run->probes['two metres'][99], 0.05);
        self::assertLessThan(1e-6, $run->freezing->closure());
        self::assertLessThan(1e-6, $run->freezing->residual);
    }

    public function test_smaller_cells_come_nearer(): void
    {
        $away = static fn (float $size): float => abs(1.0805 - FreezingSolution::of(self::column(100, $size))->fronts['middle'][99]);
        self::assertLessThan($away(0.1) + 1e-3, $away(0.02));
    }

    /** @return iterable<string, array{float, float, float, float, float, float, float}> below, above, λf, λu, Cf, Cu, L */
    public static function grounds(): iterable
    {
        yield 'wet silt, cold' => [15.0, 6.0, 2.3, 1.4, 2.0e6, 2.9e6, 160e6];
        yield 'sand with little water' => [5.0, 9.0, 1.9, 2.1, 1.6e6, 1.9e6, 38e6];
        yield 'at freezing already' => [8.0, 0.01, 2.5, 1.5, 1.9e6, 3.0e6, 150e6];
    }

    #[DataProvider('grounds')]
    public function test_other_grounds_too(float $below, float $above, float $kf, float $ku, float $cf, float $cu, float $latent): void
    {
        $soil = new Substance('soil', $ku, $cu, new Frozen($kf, $cf, $latent));
        $days = 60;
        $run = FreezingSolution::of(Problem::of(
            [Patch::rectangle($soil, 0, -25, 1, 0)],
            [Boundary::temperature('top', 0, 0, 1, 0, $above, 0.0)],
            fine: [new Fine(0, -2.5, 1, 0, 0.5, 0.02)],
            winter: new Winter(['top' => array_fill(0, $days, -$below)], $above, ['middle' => 0.5]),
        ));
        $exact = 2 * FrostDepth::neumann($below, $above, $kf, $ku, $cf, $cu, $latent) * sqrt($kf / $cf * $days * 86_400);
        self::assertEqualsWithDelta($exact, $run->fronts['middle'][$days - 1], max(0.010, 0.01 * $exact));
    }

    public function test_a_wide_section_freezes_as_a_narrow_one(): void
    {
        $narrow = FreezingSolution::of(self::column(20, 0.05, 0.5));
        $wide = FreezingSolution::of(self::column(20, 0.05, 4.0));
        self::assertEqualsWithDelta($narrow->fronts['middle'][19], $wide->fronts['middle'][19], 1e-4);
        self::assertEqualsWithDelta(8 * $narrow->ice[19], $wide->ice[19], 1e-3);
    }

    /**
     * Another method on another grid: enthalpy explicit in time, by numpy; a board lies over part of the ground, whose front is no line.
     */
    public function test_another_solver_finds_the_same_front_beside_a_board(): void
    {
        $lines = ['under the board' => 0.4, 'near its end' => 0.85, 'beyond its end' => 1.15, 'open' => 1.9];
        $days = array_map(static fn (int $d): float => -10 * sin(M_PI * ($d + 0.5) / 24), range(0, 23));
        $input = [
            'width' => 2.0,
            'depth' => 2.0,
            'size' => 0.025,
            'board_width' => 1.0,
            'board_thickness' => 0.05,
            'board_k' => 0.03,
            'kf' => 2.4,
            'ku' => 1.6,
            'cf' => 2.0e6,
            'cu' => 2.8e6,
            'latent' => 90e6,
            'start' => 6.0,
            'days' => $days,
            'resistance' => 0.04,
            'lines' => array_values($lines),
        ];
        $process = new Process(
            ['/usr/bin/python3', __DIR__.'/independent/freezing.py'],
            input: json_encode($input, JSON_THROW_ON_ERROR),
            timeout: 120,
        );
        $theirs = array_map(floatval(...), explode(' ', trim($process->mustRun()->getOutput())));
        $soil = new Substance('soil', 1.6, 2.8e6, new Frozen(2.4, 2.0e6, 90e6));
        $board = new Substance('board', 0.03, 1.0);
        $run = FreezingSolution::of(Problem::of(
            [Patch::rectangle($soil, 0, -2, 2, 0), Patch::rectangle($board, 0, 0, 1, 0.05)],
            [Boundary::temperature('over', 0, 0.05, 1, 0.05, 6.0, 0.04), Boundary::temperature('beside', 1, 0, 2, 0, 6.0, 0.04)],
            fine: [new Fine(0, -0.9, 2, 0, 0.025, 0.0125)],
            winter: new Winter(['over' => $days, 'beside' => $days], 6.0, $lines),
        ));
        foreach (array_keys($lines) as $i => $name) {
            $front = $run->fronts[$name][23] - ($lines[$name] < 1 ? 0.05 : 0.0);
            // Under the board all is within a twentieth of a kelvin of freezing: where exactly it does hangs on the cells of either.
            self::assertEqualsWithDelta($theirs[$i], $front, ['under the board' => 0.04, 'near its end' => 0.02][$name] ?? 0.01, $name);
        }
        self::assertGreaterThan($run->fronts['near its end'][23] + 0.1, $run->fronts['open'][23]);
        self::assertLessThan(1e-6, $run->freezing->closure());
    }

    /**
     * What must hold of any section: heat in is heat stored, no cell is colder or warmer than what acts on it, ice only where it is not
     * warm.
     */
    public function test_sections_drawn_by_lot_keep_their_heat(): void
    {
        $lot = new Randomizer(new Mt19937(13_793));
        for ($n = 0; $n < 12; $n++) {
            $between = static fn (float $low, float $high): float => $low + ($high - $low) * $lot->getInt(0, 1000) / 1000;
            $soil = new Substance(
                'soil',
                $between(0.8, 2.5),
                $between(1.8e6, 3.2e6),
                new Frozen($between(1.2, 3.2), $between(1.5e6, 2.4e6), $between(5e6, 200e6)),
            );
            $concrete = new Substance('concrete', $between(1.0, 2.4), 2.3e6);
            $foam = new Substance('foam', $between(0.025, 0.05), 4.0e4);
            $edge = round($between(0.8, 1.6), 3);
            $patches = [
                Patch::rectangle($soil, 0, -3, 3, 0),
                Patch::rectangle($concrete, 0, -0.4, $edge, 0.1),
                Patch::rectangle($foam, 0, -0.5, $edge, -0.4),
            ];
            $out = array_map(static fn (): float => $between(-18.0, 6.0), range(1, 40));
            $problem = Problem::of(
                $patches,
                [Boundary::temperature('in', 0, 0.1, $edge, 0.1, 18.0, 0.17), Boundary::temperature('out', $edge, 0, 3, 0, 4.0, 0.04)],
                winter: new Winter(['out' => $out, 'in' => array_fill(0, 40, 18.0)]),
            );
            $run = FreezingSolution::of($problem);
            self::assertLessThan(1e-6, $run->freezing->closure());
            self::assertLessThan(1e-6, $run->freezing->residual);
            $mesh = $run->last->mesh;
            foreach ($run->last->cells as $q => $t) {
                if ($mesh->conductivity[$q] > 0.0) {
                    self::assertGreaterThanOrEqual(min($out) - 0.01, $t);
                    self::assertLessThanOrEqual(18.01, $t);
                    self::assertTrue($run->last->liquid[$q] > 0.0 || $t <= 1e-6, 'ice is not warm');
                    self::assertTrue($run->last->liquid[$q] < 1.0 || $t >= -1e-6, 'nor is water cold');
                }
            }
        }
    }

    public function test_what_froze_thaws_again_and_gives_back_what_it_took(): void
    {
        $soil = new Substance('soil', 1.5, 3.0e6, new Frozen(2.5, 1.9e6, 150e6));
        $foam = new Substance('foam', 0.03, 4.0e4);
        $days = [...array_fill(0, 60, -9.0), ...array_fill(0, 400, 8.0)];
        $run = FreezingSolution::of(Problem::of(
            [Patch::rectangle($soil, 0, -1.6, 3, 0), Patch::rectangle($foam, 0, -0.1, 1.2, 0)],
            [Boundary::temperature('top', 0, 0, 3, 0, 5.0, 0.04)],
            fine: [new Fine(0, -1.5, 3, 0, 0.25, 0.05)],
            winter: new Winter(['top' => $days], 8.0, ['under the foam' => 0.3, 'beside it' => 2.7]),
        ));
        self::assertGreaterThan(0.5, $run->fronts['beside it'][59]);
        self::assertLessThan($run->fronts['beside it'][59] - 0.2, $run->fronts['under the foam'][59]);
        self::assertSame(0.0, $run->ice[459]);
        // Back where it began: all that went out came in again.
        self::assertLessThan(1e-3 * 150e6, abs($run->freezing->heat['top']));
        self::assertLessThan(1e-6, $run->freezing->closure());
    }
}
