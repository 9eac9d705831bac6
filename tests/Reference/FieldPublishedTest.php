<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Field\Boundary;
use Ondergrond\Field\Complex;
use Ondergrond\Field\HeatSource;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Field\Substance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The field engine against published cases and closed solutions. Values of the standard are from memory. */
final class FieldPublishedTest extends TestCase
{
    private const DAY = 86_400.0;

    /** ISO 10211:2007, A.1: half of a square column, 20 °C above, 0 °C on the other faces; temperatures at an eighth of its side. */
    public function test_iso_10211_case_1(): void
    {
        $column = new Substance('column', 1.0);
        $solution = Solution::of(Problem::of([Patch::rectangle($column, 0, 0, 4, 8)], [
            Boundary::temperature('top', 0, 8, 4, 8, 20, 0),
            Boundary::temperature('side', 0, 0, 0, 8, 0, 0),
            Boundary::temperature('bottom', 0, 0, 4, 0, 0, 0),
        ]));
        $published = [
            [9.7, 13.4, 14.7, 15.1], [5.3, 8.6, 10.3, 10.8], [3.2, 5.6, 7.0, 7.5], [2.0, 3.6, 4.7, 5.0],
            [1.3, 2.3, 3.0, 3.2], [0.7, 1.4, 1.8, 1.9], [0.3, 0.6, 0.8, 0.9],
        ];
        foreach ($published as $row => $temperatures) {
            foreach ($temperatures as $column => $expected) {
                self::assertEqualsWithDelta($expected, $solution->temperatureAt($column + 1.0, 7.0 - $row), 0.1);
            }
        }
        // Top and side touch: their flow grows with every finer mesh, which is said, not hidden.
        self::assertCount(1, $solution->touching);
        self::assertSame(
            ['top', 'side', 0.0, 8.0],
            [$solution->touching[0]->one, $solution->touching[0]->other, $solution->touching[0]->x, $solution->touching[0]->y],
        );
        self::assertFalse($solution->isAccurate());
    }

    /** ISO 10211:2007, A.2: concrete, wood, aluminium and insulation; tolerance of the standard 0.1 K and 0.1 W/m. */
    public function test_iso_10211_case_2(): void
    {
        [$concrete, $wood, $metal, $board] = [
            new Substance('concrete', 1.15), new Substance('wood', 0.12), new Substance('aluminium', 230),
            new Substance('insulation', 0.029),
        ];
        $solution = Solution::of(Problem::of([
            Patch::rectangle($board, 0, 0, 0.5, 0.0475),
            Patch::rectangle($concrete, 0, 0.0415, 0.5, 0.0475),
            Patch::rectangle($wood, 0, 0.0365, 0.015, 0.0415),
            Patch::rectangle($metal, 0, 0.035, 0.015, 0.0365),
            Patch::rectangle($metal, 0, 0, 0.0015, 0.035),
            Patch::rectangle($metal, 0, 0, 0.5, 0.0015),
        ], [Boundary::temperature('top', 0, 0.0475, 0.5, 0.0475, 0, 0.06), Boundary::temperature('bottom', 0, 0, 0.5, 0, 20, 0.11)]));
        $published = [
            [0, 0.0475, 7.1], [0.5, 0.0475, 0.8], [0, 0.0415, 7.9], [0.015, 0.0415, 6.3], [0.5, 0.0415, 0.8],
            [0, 0.0365, 16.4], [0.015, 0.0365, 16.3], [0, 0, 16.8], [0.5, 0, 18.3],
        ];
        foreach ($published as [$x, $y, $expected]) {
            self::assertEqualsWithDelta($expected, $solution->temperatureAt($x, $y), 0.1);
        }
        self::assertEqualsWithDelta(9.5, $solution->steady->flows['bottom'], 0.1);
        self::assertLessThan(1e-6, $solution->steady->balance);
        self::assertTrue($solution->isAccurate());
    }

    /** Square fields of two materials like a chessboard conduct as √(λ₁λ₂): Keller 1964, Dykhne 1970 (from memory). */
    #[DataProvider('pairs')]
    public function test_four_quadrants_around_a_point(float $one, float $other): void
    {
        [$a, $b] = [new Substance('a', $one), new Substance('b', $other)];
        $solution = Solution::of(Problem::of([
            Patch::rectangle($a, 0, 0, 1, 1), Patch::rectangle($b, 1, 0, 2, 1), Patch::rectangle($b, 0, 1, 1, 2),
            Patch::rectangle($a, 1, 1, 2, 2),
        ], [Boundary::temperature('left', 0, 0, 0, 2, 1, 0), Boundary::temperature('right', 2, 0, 2, 2, 0, 0)]));
        self::assertEqualsWithDelta(1.0, $solution->steady->flows['left'] / sqrt($one * $other), 0.005);
    }

    /** @return list<array{float, float}> */
    public static function pairs(): array
    {
        return [[2.0, 1.0], [2.3, 0.03], [0.03, 2.3], [230.0, 0.029]];
    }

    /** Layers by the sum of ISO 6946, the interfaces among them: exact, whatever the mesh. */
    public function test_a_layered_wall(): void
    {
        $layers = [[0.0125, 0.25], [0.14, 0.04], [0.012, 0.13], [0.1, 0.036], [0.02, 1.0]];
        $patches = [];
        $x = 0.0;
        $faces = [0.0];
        foreach ($layers as $i => [$d, $lambda]) {
            $patches[] = Patch::rectangle(new Substance("layer {$i}", $lambda), $x, 0, $x + $d, 1);
            $faces[] = $x += $d;
        }
        $solution = Solution::of(
            Problem::of(
                $patches,
                [Boundary::temperature('in', 0, 0, 0, 1, 20, 0.13), Boundary::temperature('out', $x, 0, $x, 1, -10, 0.04)],
            ),
        );
        $total = 0.13 + array_sum(array_map(static fn (array $l): float => $l[0] / $l[1], $layers)) + 0.04;
        self::assertEqualsWithDelta(30 / $total, $solution->steady->flows['in'], 1e-6);
        $before = 0.13;
        foreach ($faces as $i => $face) {
            self::assertEqualsWithDelta(20 - 30 * $before / $total, $solution->temperatureAt($face, 0.37), 1e-5);
            $before += isset($layers[$i]) ? $layers[$i][0] / $layers[$i][1] : 0.0;
        }
    }

    /** Heat set free evenly in a plate held at 0 on one face: T = q(Lx − x²/2)/λ (Carslaw and Jaeger 1959, 3.14; from memory). */
    public function test_heat_set_free_inside(): void
    {
        $problem = Problem::of(
            [Patch::rectangle(new Substance('plate', 1.4), 0, 0, 0.3, 1)],
            [Boundary::temperature('cold', 0, 0, 0, 1, 0, 0)],
            [new HeatSource(0, 0, 0.3, 1, 500)],
            accuracy: 0.001,
        );
        $solution = Solution::of($problem);
        self::assertEqualsWithDelta(-150, $solution->steady->flows['cold'], 1e-4);
        self::assertEqualsWithDelta(500 * 0.09 / 2 / 1.4, $solution->temperatureAt(0.3, 0.5), 0.05);
    }

    /** Periodic surface of a half-space: θ̂ = e^{−(1+i)z/δ}, q̂ = (1+i)λ/δ (Carslaw and Jaeger 1959, 2.6; from memory). */
    #[DataProvider('periods')]
    public function test_a_periodic_surface(float $period): void
    {
        $delta = sqrt(1.5 * $period / (M_PI * 3.0e6));
        $solution = Solution::of(self::column(1.5, 3.0e6, 9 * $delta, $period));
        self::assertNotNull($solution->harmonic);
        self::assertEqualsWithDelta(1.5 / $delta, $solution->harmonic->flows['surface']->re, 0.01 * 1.5 / $delta);
        self::assertEqualsWithDelta(1.5 / $delta, $solution->harmonic->flows['surface']->im, 0.01 * 1.5 / $delta);
        self::assertLessThan(1e-6, $solution->harmonic->balance);
        foreach ([0.0, 0.5, 1.0, 2.0] as $depth) {
            $found = $solution->amplitudeAt(0.5, -$depth * $delta);
            self::assertNotNull($found);
            self::assertEqualsWithDelta(exp(-$depth) * cos($depth), $found->re, 0.01);
            self::assertEqualsWithDelta(-exp(-$depth) * sin($depth), $found->im, 0.01);
        }
    }

    /** @return array<string, array{float}> */
    public static function periods(): array
    {
        return ['a day' => [self::DAY], 'ten days' => [10 * self::DAY], 'a year' => [Problem::YEAR]];
    }

    /**
     * A step at the surface of a half-space: T = erfc(z/√(4αt)) (Carslaw and Jaeger 1959, 2.4; from memory). The steps
     * up and down of a square wave, put together from its harmonics, against the same sum of error functions.
     */
    public function test_a_step_at_the_surface(): void
    {
        $period = 40 * self::DAY;
        $alpha = 1.5 / 3.0e6;
        [$after, $depths] = [2 * self::DAY, [0.2, 0.4, 0.8]];
        $found = array_fill(0, 3, 0.0);
        for ($n = 1; $n < 100; $n += 2) {
            $solution = Solution::of(self::column(1.5, 3.0e6, 3.0, $period / $n));
            foreach ($depths as $i => $depth) {
                // A sine is the cosine a quarter turn later.
                $swing = $solution->amplitudeAt(0.5, -$depth) ?? Complex::zero();
                $found[$i] += 4 / (M_PI * $n) * $swing->at(2 * M_PI * $n * $after / $period - M_PI_2);
            }
        }
        foreach ($depths as $i => $depth) {
            $exact = 0.0;
            foreach ([4000, 4001] as $steps) {
                $exact += (-1) ** $steps / 2;
                for ($k = 0; $k < $steps; $k++) {
                    $exact += (-1) ** $k * self::erfc($depth / sqrt(4 * $alpha * ($after + $k * $period / 2)));
                }
            }
            self::assertEqualsWithDelta($exact, $found[$i], 0.01);
        }
    }

    private static function column(float $lambda, float $rhoC, float $depth, float $period): Problem
    {
        return Problem::of(
            [Patch::rectangle(new Substance('ground', $lambda, $rhoC), 0, -$depth, 1, 0)],
            [Boundary::temperature('surface', 0, 0, 1, 0, 0, 0, Complex::of(1))],
            accuracy: 0.005,
            period: $period,
        );
    }

    /** Abramowitz and Stegun 7.1.26, within 1.5e-7 (from memory). */
    private static function erfc(float $x): float
    {
        $t = 1 / (1 + 0.3275911 * $x);

        return $t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429)))) * exp(-$x * $x);
    }

    /** The strip floor of an independent computation with numpy and scipy: half floor 4 m with R 1.17, wall 0.3 m, ground 20 m. */
    public function test_a_strip_floor_by_independent_computation(): void
    {
        $ground = new Substance('ground', 1.5, 3.0e6);
        $outside = static fn (float $t, Complex $a): Boundary => Boundary::temperature('outside', 4.3, 0, 24.3, 0, $t, 0.04, $a);
        $inside = static fn (float $t, Complex $a): Boundary => Boundary::temperature('inside', 0, 0, 4, 0, $t, 1.17, $a);
        $patches = [Patch::rectangle($ground, 0, -20, 24.3, 0)];
        $from = Solution::of(
            Problem::of($patches, [$inside(1, Complex::zero()), $outside(0, Complex::of(1))], accuracy: 0.003, period: Problem::YEAR),
        );
        self::assertEqualsWithDelta(1.158, $from->steady->flows['inside'], 0.002);
        self::assertNotNull($from->harmonic);
        self::assertEqualsWithDelta(0.3245, $from->harmonic->flows['inside']->modulus(), 0.001);
        // The loss is highest 1.478 months after the air is coldest: what flows in is minus what the air gives.
        self::assertEqualsWithDelta(1.478, 12 * $from->harmonic->flows['inside']->times(-1)->lagBehind(Complex::of(1)), 0.01);
        $within = Solution::of(
            Problem::of($patches, [$inside(1, Complex::of(1)), $outside(0, Complex::zero())], accuracy: 0.003, period: Problem::YEAR),
        );
        self::assertNotNull($within->harmonic);
        self::assertEqualsWithDelta(0.4947, $within->harmonic->flows['inside']->modulus() / 4, 0.001);
    }
}
